<?php

declare(strict_types=1);

namespace App\Queries\Classes;

use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Support\Collection;
use Zwindle\Exam\Grading\KeptGrade;

/** Which of an attempt's judgements counts: of each try the newest, and of the tries the one that the task says. */
final class CountingJudgement
{
    public static function of(Attempt $attempt): ?Judgement
    {
        $tries = self::tries($attempt);
        if ($tries->isEmpty()) {
            return null;
        }
        /** @var non-empty-list<array{verdict: string|null, got: float|null, passes: bool|null}> $worths */
        $worths = $tries->map(fn (Judgement $judgement) => self::worth($attempt, $judgement))->all();

        return $tries[$attempt->assignment->counts()->among($worths)];
    }

    /** @return Collection<int, Judgement> the newest of each try that is judged, in the order of the tries */
    public static function tries(Attempt $attempt): Collection
    {
        $all = $attempt->relationLoaded('judgements') ? $attempt->judgements : $attempt->judgements()->get();

        return $all->where('try', '<=', $attempt->judged_try)->sortBy('id')->keyBy('try')->sortKeys()->values();
    }

    /** @return array{verdict: string|null, got: float|null, passes: bool|null} with what eye and hand have said since */
    public static function worth(Attempt $attempt, Judgement $judgement): array
    {
        $grade = $judgement->mark === null
            ? null
            : KeptGrade::observed($judgement->mark, $attempt->observed ?? [], $attempt->overrides ?? []);

        return [
            'verdict' => $judgement->verdict,
            'got' => $grade === null ? null : (float) $grade['got'],
            'passes' => $grade === null ? null : (bool) $grade['passes'],
        ];
    }
}
