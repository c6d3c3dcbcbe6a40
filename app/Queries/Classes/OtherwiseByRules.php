<?php

declare(strict_types=1);

namespace App\Queries\Classes;

use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Database\Eloquent\Builder;
use Zwindle\Check\EngineVersion;

/** What was judged by earlier rules and would come out otherwise by those of today. Nothing of it is changed. */
final readonly class OtherwiseByRules
{
    public function __construct(private JudgeAttempt $judge)
    {
    }

    public function count(): int
    {
        return $this->judgedEarlier()->count();
    }

    /** @return iterable<array{attempt: int, was: string, now: string, rules: int}> */
    public function all(): iterable
    {
        foreach ($this->judgedEarlier()->with(['judgement', 'assignment.boardFile', 'appliedSteps'])->lazyById(50) as $attempt) {
            $kept = $attempt->judgement;
            $now = $kept === null ? null : $this->now($attempt, $kept);
            if ($kept !== null && $now !== null && $now !== $kept->verdict) {
                yield ['attempt' => $attempt->id, 'was' => (string) $kept->verdict, 'now' => $now, 'rules' => $kept->rules];
            }
        }
    }

    /** Null for what is no wiring, and for what cannot be judged any more: one bad record takes no other with it. */
    private function now(Attempt $attempt, Judgement $kept): ?string
    {
        try {
            $task = $attempt->task();
            $isWired = $task === null || $task->kind->isWired();

            return $isWired && $kept->isJudged() ? $this->judge->verdict($attempt->asOf($kept))->value : null;
        } catch (\Throwable $fault) {
            report($fault);

            return null;
        }
    }

    /** @return Builder<Attempt> */
    private function judgedEarlier(): Builder
    {
        $query = Attempt::query()->whereHas(
            'judgement',
            fn (Builder $query) => $query->where('rules', '<', EngineVersion::RULES)->whereNull('stood'),
        );
        $query->whereNotNull('handed_in_at');

        return $query;
    }
}
