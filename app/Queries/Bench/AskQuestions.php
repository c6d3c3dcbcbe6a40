<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Attempt;
use App\Services\KeptPlans;
use Zwindle\Exam\Task\Answers;
use Zwindle\Exam\Task\Question;
use Zwindle\Exam\Task\Questions;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Plan\Plan;

/** The questions of an attempt: the same whenever they are asked, since the seed and the seat throw the dice. */
final class AskQuestions
{
    /** @return list<Question> none for a task of the hands */
    public function of(Attempt $attempt): array
    {
        $task = $attempt->task();
        $plan = $this->plan($attempt);

        return $task === null || $plan === null ? [] : $this->questions($attempt, $plan)->of($task);
    }

    /** The board wired right, as it is shown with the questions. */
    public function plan(Attempt $attempt): ?Plan
    {
        return app(KeptPlans::class)->best($attempt->board());
    }

    public function questions(Attempt $attempt, Plan $plan): Questions
    {
        return new Questions($plan, new Dice("{$attempt->task()?->seed}/questions/$attempt->seat"));
    }

    /** @return array<string, bool> question → whether it is answered right */
    public function judged(Attempt $attempt): array
    {
        return (new Answers($attempt->answers ?? []))->judgedBy($this->of($attempt));
    }
}
