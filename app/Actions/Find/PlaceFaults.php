<?php

declare(strict_types=1);

namespace App\Actions\Find;

use App\Actions\Boards\KeptPlans;
use App\Models\Attempt;
use App\Models\PlacedFault;
use Illuminate\Validation\ValidationException;
use Zwindle\Exam\Task\Task;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Finding\DealtFaults;

/** Puts the faults of a task into the boards of its seats, of equal difficulty. */
final readonly class PlaceFaults
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * Does nothing for a task of another kind.
     *
     * @param  list<Attempt>  $attempts  with their boards, in the order of their seats
     *
     * @throws ValidationException where a board has not so many faults of the kinds that are asked for
     */
    public function execute(Task $asked, array $attempts): void
    {
        if ($asked->kind !== TaskKind::Fault || $attempts === []) {
            return;
        }
        $rights = $seats = [];
        foreach ($attempts as $attempt) {
            $seats[] = $rights[(string) $attempt->board_json] ??= $this->plans->best($attempt->board())->wiring
                ?? throw ValidationException::withMessages(['task' => __('messages.no-plan-to-set')]);
        }
        $dealt = DealtFaults::of($seats, $asked->faults, $asked->faultKinds, $asked->seed)
            ?? throw ValidationException::withMessages(['task' => __('messages.too-few-faults', ['count' => $asked->faults])]);
        foreach ($attempts as $i => $attempt) {
            PlacedFault::put($attempt, $seats[$i], $dealt[$i]['faults'], $dealt[$i]['looks']);
        }
    }
}
