<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use App\Services\LogUnjudged;
use App\Services\SearchGate;
use Throwable;

/** Judges a handed-in attempt by the rules of today and keeps nothing. Where it cannot be judged the fault is logged. */
final readonly class WorkOutJudgement
{
    public function __construct(private JudgeHandedIn $judge, private LogUnjudged $log)
    {
    }

    /**
     * What the rules of today make of it, not kept.
     *
     * @return array{verdict: string|null, headline: string, page: array<string, mixed>|null, mark: array<string, mixed>|null,
     *     debrief: array<string, mixed>|null} verdict: null where it cannot be judged; the fault is logged
     */
    public function execute(Attempt $attempt): array
    {
        try {
            return SearchGate::bounded(fn () => $this->judge->execute($attempt));
        } catch (Throwable $fault) {
            $this->log->execute($attempt, $fault);

            return ['verdict' => null, 'headline' => __('messages.not-judged'), 'page' => null, 'mark' => null, 'debrief' => null];
        }
    }
}
