<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\WorkRefused;
use App\Queries\Bench\StartWiring;
use App\Services\KeptPlans;
use App\Wording\FindingSentence;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Task\NoWayToPass;
use Zwindle\Exam\Task\Questions;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Vary\Dice;

/** What setting a task refuses, asked wherever one is set or tried: in one place, so that a trial finds all of it. */
final readonly class MustBeSettable
{
    public function __construct(private StartWiring $start, private DealFaults $faults, private KeptPlans $plans)
    {
    }

    /**
     * @param  list<Board>  $boards  one a seat
     * @param  AsFound  $sheet  of the board that the task is on
     *
     * @throws WorkRefused where a seat of it could not be sat
     */
    public function check(TaskFile $task, array $boards, AsFound $sheet): void
    {
        foreach (self::different($boards) as $board) {
            $this->start->execute($task, $board, $sheet);
            $this->mustAskSomething($task, $board);
            $this->mustBePassable($task, $board);
        }
        $task->kind !== TaskKind::Fault || $this->faults->execute($task, $boards);
    }

    private function mustAskSomething(TaskFile $task, Board $board): void
    {
        if ($task->kind->isWired() || $task->kind === TaskKind::Fault) {
            return;
        }
        $plan = $this->plans->best($board) ?? throw WorkRefused::because(['task' => __('messages.no-plan-to-set')]);
        if ((new Questions($plan, new Dice("$task->seed/questions/1")))->of($task) === []) {
            throw WorkRefused::because(['task' => __('messages.no-questions')]);
        }
    }

    private function mustBePassable(TaskFile $task, Board $board): void
    {
        $best = $task->kind->isWired() ? $this->plans->best($board) : null;
        if ($best === null || $task->rules->judge($best->result)->verdict !== Verdict::Fail) {
            return;
        }
        $all = $this->plans->all($board);
        $fails = NoWayToPass::on($task->rules, $all);
        $fails === [] || throw WorkRefused::because(['task' => __('messages.no-way-to-pass', [
            'why' => implode(' ', array_map((new FindingSentence($all->plans[0]->result))->of(...), $fails)),
        ])]);
    }

    /**
     * @param  list<Board>  $boards
     * @return list<Board>
     */
    private static function different(array $boards): array
    {
        $different = [];
        foreach ($boards as $board) {
            $different[spl_object_id($board)] = $board;
        }

        return array_values($different);
    }
}
