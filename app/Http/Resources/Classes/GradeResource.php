<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Http\Resources\UserResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Exam\Grading\KeptGrade;

/**
 * What an attempt is worth, line by line, as it was judged; no mark before it is handed in.
 *
 * @mixin \App\Models\Attempt
 */
final class GradeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $judgement = $this->judgement;

        return [
            'attempt' => $this->id,
            'seat' => $this->seat,
            'trainee' => UserResource::make($this->trainee),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'verdict' => $this->verdict,
            'headline' => $this->headline ?? ($this->handed_in_at === null ? null : __('messages.being-judged')),
            'observed' => (object) ($this->observed ?? []),
            'judged' => $judgement?->told(),
            'mark' => $judgement?->mark === null ? null : KeptGrade::observed($judgement->mark, $this->observed ?? []),
        ];
    }
}
