<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Models\Attempt;
use App\Models\Judgement;
use App\Models\User;
use App\Queries\Classes\CountingJudgement;

/** The tries of an attempt that are judged, each as it was shown, and which of them counts; nothing of an exam before its release. */
final class TriesShape
{
    /** @return list<array<string, mixed>> */
    public static function of(Attempt $attempt, ?User $viewer): array
    {
        $isSilent = ! $attempt->isReleased() && $attempt->trainee_id === $viewer?->id;

        return $isSilent || $attempt->judged_try < 1 ? [] : array_values(CountingJudgement::tries($attempt)
            ->map(fn (Judgement $judgement) => self::line($attempt, $judgement))->all());
    }

    /** @return array<string, mixed> */
    private static function line(Attempt $attempt, Judgement $judgement): array
    {
        $worth = CountingJudgement::worth($attempt, $judgement);
        $counts = $judgement->id === $attempt->judgement_id;

        return [
            'try' => $judgement->try,
            // What stands is what the attempt says, also where an upgrade would judge otherwise.
            'verdict' => $counts ? $attempt->verdict : $judgement->verdict,
            'headline' => (string) ($counts ? $attempt->headline : $judgement->headline),
            'at' => ($judgement->handed_in_at ?? $judgement->created_at)->toIso8601ZuluString(),
            'got' => $worth['got'],
            'total' => $judgement->mark['total'] ?? null,
            'passes' => $worth['passes'],
            'counts' => $counts,
        ];
    }
}
