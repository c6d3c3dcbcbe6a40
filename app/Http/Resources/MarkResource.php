<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\MarkAttempt;
use App\Wording\MarkReport;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What an attempt is worth, line by line; no mark before it is handed in.
 *
 * @mixin \App\Models\Attempt
 */
final class MarkResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $marked = app(MarkAttempt::class)->execute($this->resource);

        return [
            'attempt' => $this->id,
            'seat' => $this->seat,
            'trainee' => UserResource::make($this->trainee),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'verdict' => $this->verdict,
            'headline' => $this->headline,
            'observed' => (object) ($this->observed ?? []),
            'mark' => $marked === null ? null : (new MarkReport($marked['mark'], $this->resource->board(), $marked['judged']))->json(),
        ];
    }
}
