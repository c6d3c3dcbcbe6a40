<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One trainee's progress: a verdict only once it is handed in.
 *
 * @mixin Attempt
 */
final class AttemptSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'trainee' => UserResource::make($this->whenLoaded('trainee')),
            'board' => BoardFileResource::make($this->assignment->boardFile),
            'minutes' => $this->assignment->minutes,
            'startedAt' => $this->started_at?->toIso8601ZuluString(),
            'dueAt' => $this->dueAt()?->toIso8601ZuluString('millisecond'),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'steps' => $this->head,
            'verdict' => $this->verdict,
            'headline' => $this->headline,
            ...$this->progress(),
        ];
    }

    /** @return array{placed: int, ends: int} */
    private function progress(): array
    {
        $bench = $this->resource->stepLog()->bench();
        $ends = array_filter($bench->wiring()->points, fn ($point) => ! $point->isFixed());

        return ['placed' => $bench->placed(), 'ends' => count($ends)];
    }
}
