<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Models\Attempt;
use App\Models\PlacedFault;
use App\Services\KeptPlans;
use Illuminate\Validation\ValidationException;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Hunt\DealtFaults;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/** Puts the faults of a task into the boards of its seats, of equal difficulty. */
final readonly class PlaceFaults
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * Other faults for the next try of an attempt: as many, of the same kinds where the board gives them, and as hard to find, within one
     * look. Where it gives no others, those of the try before are in it again.
     *
     * Does nothing for a task of another kind.
     */
    public function anew(TaskFile $asked, Attempt $attempt): void
    {
        $before = $asked->kind === TaskKind::Fault ? $attempt->placedFault() : null;
        $right = $before?->asCore($attempt->board())->right;
        if ($before === null || $right === null) {
            return;
        }
        $used = array_merge(...$attempt->placedFaults->pluck('mistakes')->all());
        $kinds = array_values(array_unique(array_map(
            fn (string $id) => MistakeKind::from(explode(' ', $id)[0]),
            $before->mistakes,
        ), SORT_REGULAR));
        $seed = "$asked->seed/{$attempt->currentTry()}/$attempt->seat";
        $dealt = DealtFaults::another($right, $asked->faults, $kinds, $seed, $used, $before->looks)
            ?? DealtFaults::another($right, $asked->faults, $asked->faultKinds, $seed, $used, $before->looks);
        if ($dealt !== null) {
            PlacedFault::put($attempt, $right, $dealt['faults'], $dealt['looks']);
            $attempt->unsetRelation('placedFaults');
        }
    }

    /**
     * Does nothing for a task of another kind.
     *
     * @param  list<Attempt>  $attempts  with their boards, in the order of their seats
     *
     * @throws ValidationException where a board has not so many faults of the kinds that are asked for
     */
    public function execute(TaskFile $asked, array $attempts): void
    {
        if ($asked->kind !== TaskKind::Fault || $attempts === []) {
            return;
        }
        [$seats, $dealt] = $this->deal($asked, array_map(fn (Attempt $attempt) => $attempt->board(), $attempts));
        foreach ($attempts as $i => $attempt) {
            PlacedFault::put($attempt, $seats[$i], $dealt[$i]['faults'], $dealt[$i]['looks']);
        }
    }

    /**
     * @param  list<Board>  $boards  one a seat
     * @return array{list<Wiring>, list<array{faults: list<Mistake>, looks: int}>} the right wiring of each seat, and what is put into it
     *
     * @throws ValidationException where a board has not so many faults of the kinds that are asked for
     */
    public function deal(TaskFile $asked, array $boards): array
    {
        $rights = $seats = [];
        foreach ($boards as $board) {
            $seats[] = $rights[spl_object_id($board)] ??= $this->plans->best($board)->wiring
                ?? throw ValidationException::withMessages(['task' => __('messages.no-plan-to-set')]);
        }
        $dealt = $seats === [] ? [] : DealtFaults::of($seats, $asked->faults, $asked->faultKinds, $asked->seed)
            ?? throw ValidationException::withMessages(['task' => __('messages.too-few-faults', ['count' => $asked->faults])]);

        return [$seats, $dealt];
    }
}
