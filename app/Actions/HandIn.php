<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Wording\Headline;
use Illuminate\Support\Facades\DB;
use Zwindle\Check\Verdict;

/** Closes an attempt and keeps its verdict. A second hand-in changes nothing. */
final readonly class HandIn
{
    public function __construct(private JudgeAttempt $judge)
    {
    }

    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->handed_in_at !== null) {
                return;
            }
            $task = $attempt->task();
            $attempt->update([
                'started_at' => $attempt->started_at ?? now(),
                'handed_in_at' => now(),
                'tries' => $attempt->tries + 1,
                ...($task === null || $task->kind->isWired() ? $this->verdict($attempt) : $this->answered($attempt)),
            ]);
        });
    }

    /** @return array{verdict: string, headline: string} by the rules that the task has in force */
    private function verdict(Attempt $attempt): array
    {
        $result = $this->judge->execute($attempt);

        return ['verdict' => $result->verdict->value, 'headline' => (new Headline($result))->sentence()];
    }

    /** @return array{verdict: string, headline: string} */
    private function answered(Attempt $attempt): array
    {
        $right = (new AskQuestions)->judged($attempt);
        $isWhole = ! in_array(false, $right, true);

        return ['verdict' => ($isWhole ? Verdict::Pass : Verdict::Fail)->value, 'headline' => __('task.answered', ['right' => count(array_filter($right)), 'asked' => count($right)])];
    }
}
