<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use Zwindle\Check\EngineVersion;
use Zwindle\Exam\Grading\KeptGrade;

/** Judges a handed-in attempt by the rules of today, beside what was kept of it. */
final readonly class CompareGrade
{
    public function __construct(private WorkOutJudgement $workedOut)
    {
    }

    /**
     * @return array{attempt: int, changes: bool, was: array<string, mixed>, now: array<string,
     *     mixed>|null} now: null where it cannot be judged
     */
    public function execute(Attempt $attempt): array
    {
        $kept = $attempt->judgement;
        $was = self::shown((string) $attempt->verdict, (string) $attempt->headline, $kept?->mark, $attempt, $kept->rules ?? 0);
        $judged = $this->workedOut->execute($kept === null ? $attempt : $attempt->asOf($kept));
        if ($judged['verdict'] === null) {
            return ['attempt' => $attempt->id, 'changes' => false, 'was' => $was, 'now' => null];
        }
        $now = self::shown($judged['verdict'], $judged['headline'], $judged['mark'], $attempt, EngineVersion::RULES);

        return ['attempt' => $attempt->id, 'changes' => [...$was, 'rules' => 0] !== [...$now, 'rules' => 0], 'was' => $was, 'now' => $now];
    }

    /**
     * @param  array<string, mixed>|null  $grade
     * @return array{verdict: string, headline: string, got: float|null, total: int|null, passes: bool|null, rules: int}
     */
    private static function shown(string $verdict, string $headline, ?array $grade, Attempt $attempt, int $rules): array
    {
        $seen = $grade === null ? null : KeptGrade::observed($grade, $attempt->observed ?? [], $attempt->overrides ?? []);

        return [
            'verdict' => $verdict,
            'headline' => $headline,
            'got' => $seen['got'] ?? null,
            'total' => $seen['total'] ?? null,
            'passes' => $seen['passes'] ?? null,
            'rules' => $rules,
        ];
    }
}
