<?php

declare(strict_types=1);

namespace App\Queries\Classes;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Repair\Pinpoint;

/** The check of a trainee's board as it stands, by the rules that the task has in force. */
final class JudgeAttempt
{
    public function execute(Attempt $attempt): Result
    {
        return Pinpoint::of(self::rules($attempt)->judge(Checker::check($attempt->stepLog()->bench()->wiring())));
    }

    /** The same without looking for what puts it right: where only the verdict is asked for. */
    public function verdict(Attempt $attempt): Verdict
    {
        return self::rules($attempt)->judge(Checker::check($attempt->stepLog()->bench()->wiring()))->verdict;
    }

    /**
     * The same board judged by its own edition and by another one of its practice.
     *
     * @return array{own: Result, by: Result}
     *
     * @throws WorkRefused if the edition belongs to the other practice
     */
    public function underEdition(Attempt $attempt, ?CodeEdition $edition): array
    {
        $own = $this->execute($attempt);
        if ($edition === null || $edition->id === $own->evidence->edition->id) {
            return ['own' => $own, 'by' => $own];
        }
        if (! $edition->practice->is($own->evidence->board->practice)) {
            throw WorkRefused::because(['edition' => __('messages.other-practice')]);
        }

        return ['own' => $own, 'by' => Pinpoint::of(self::rules($attempt)->judge(Checker::check($own->evidence->wiring, $edition)))];
    }

    private static function rules(Attempt $attempt): RulesInForce
    {
        return $attempt->task()->rules ?? new RulesInForce;
    }
}
