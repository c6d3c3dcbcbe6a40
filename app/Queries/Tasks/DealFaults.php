<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\WorkRefused;
use App\Services\KeptPlans;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Hunt\DealtFaults;
use Zwindle\Repair\Mistake\Mistake;

/** Which faults go into the boards of the seats of a task: equally hard to find on each. */
final readonly class DealFaults
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * @param  list<Board>  $boards  one a seat
     * @return array{list<Wiring>, list<array{faults: list<Mistake>, looks: int}>} the right wiring of each seat, and what is put into it
     *
     * @throws WorkRefused where a board has not so many faults of the kinds that are asked for
     */
    public function execute(TaskFile $asked, array $boards): array
    {
        $rights = $seats = [];
        foreach ($boards as $board) {
            $seats[] = $rights[spl_object_id($board)] ??= $this->plans->best($board)->wiring
                ?? throw WorkRefused::because(['task' => __('messages.no-plan-to-set')]);
        }
        $dealt = $seats === [] ? [] : DealtFaults::of($seats, $asked->faults, $asked->faultKinds, $asked->seed)
            ?? throw WorkRefused::because(['task' => __('messages.too-few-faults', ['count' => $asked->faults])]);

        return [$seats, $dealt];
    }
}
