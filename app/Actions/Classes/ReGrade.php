<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Support\Facades\DB;
use Zwindle\Check\EngineVersion;
use Zwindle\Exam\Grading\KeptGrade;

/** What a handed-in attempt would be by the rules of today, beside what was kept of it. */
final readonly class ReGrade
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    /**
     * @return array{attempt: int, changes: bool, was: array<string, mixed>, now: array<string,
     *     mixed>|null} now: null where it cannot be judged
     */
    public function look(Attempt $attempt): array
    {
        $kept = $this->keep->of($attempt);
        $was = self::shown((string) $attempt->verdict, (string) $attempt->headline, $kept?->mark, $attempt, $kept->rules ?? 0);
        $judged = $this->keep->workedOut($kept === null ? $attempt : $attempt->asOf($kept));
        if ($judged['verdict'] === null) {
            return ['attempt' => $attempt->id, 'changes' => false, 'was' => $was, 'now' => null];
        }
        $now = self::shown($judged['verdict'], $judged['headline'], $judged['mark'], $attempt, EngineVersion::RULES);

        return ['attempt' => $attempt->id, 'changes' => [...$was, 'rules' => 0] !== [...$now, 'rules' => 0], 'was' => $was, 'now' => $now];
    }

    /** Decides a difference that an upgrade listed: what stood at the hand-in goes on standing. */
    public function letStand(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            Judgement::query()->where('id', $attempt->judgement_id)->update(['stood' => null]);
            $attempt->touch();
        });
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
