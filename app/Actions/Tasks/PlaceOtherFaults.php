<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Models\Attempt;
use App\Models\PlacedFault;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Hunt\DealtFaults;
use Zwindle\Repair\Mistake\MistakeKind;

/**
 * Puts other faults into the board of an attempt for its next try: as many, of the same kinds where the board has them, and as hard to
 * find, within one look. Where the board has no others, those of the try before are in it again.
 */
final class PlaceOtherFaults
{
    /** Does nothing for a task of another kind. */
    public function execute(TaskFile $asked, Attempt $attempt): void
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
}
