<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\InputRefused;
use App\Services\KeptPlans;
use Zwindle\Board\Board;
use Zwindle\Exam\Grading\Attack;
use Zwindle\Exam\Vary\Surface;
use Zwindle\Format\Read\TaskDraft;

/** Which mistakes would pass, and which right wirings would lose marks, if a task were used as it is: seconds of work. */
final readonly class AttackTask
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * @return Attack|null null where nothing is wired, no plan is possible, or task or marking have problems
     *
     * @throws InputRefused if the board itself has problems
     */
    public function execute(Board $board, string $taskJson, string $markingJson): ?Attack
    {
        $draft = TaskDraft::read($board, $taskJson, $markingJson);
        $plan = $this->plans->best($board);
        if ($draft->problems !== [] || $plan === null || ! ($draft->task?->kind->isWired() ?? false) || $draft->marking === null) {
            return null;
        }

        $marking = $draft->task->surface === Surface::Screen ? $draft->marking->onScreen() : $draft->marking;

        return Attack::on($draft->task, $marking, $plan);
    }
}
