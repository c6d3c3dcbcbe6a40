<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Http\Resources\People\UserResource;
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
            'number' => $request->user()?->isInstructor() === true ? $this->trainee->student_number : null,
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'verdict' => $this->verdict,
            'headline' => $this->headline ?? ($this->handed_in_at === null ? null : __('messages.being-judged')),
            'observed' => (object) ($this->observed ?? []),
            'isReleased' => $this->resource->isReleased(),
            'note' => $this->note ?? '',
            'second' => $this->second($request),
            'judged' => $judgement?->told(),
            'mark' => $judgement?->mark === null
                ? null
                : KeptGrade::observed($judgement->mark, $this->observed ?? [], $this->overrides ?? []),
        ];
    }

    /**
     * What the second marker saw, and where the two differ: shown once both have seen everything that there is to see.
     *
     * @return array{differs: list<string>}|null
     */
    private function second(Request $request): ?array
    {
        if ($request->user()?->isInstructor() !== true || $this->second === null) {
            return null;
        }
        $first = $this->observed ?? [];
        $both = array_intersect_key($first, $this->second);

        return ['differs' => array_map(strval(...), array_keys(array_filter(
            $both,
            fn (bool $seen, string|int $what) => $seen !== $this->second[$what],
            ARRAY_FILTER_USE_BOTH,
        )))];
    }
}
