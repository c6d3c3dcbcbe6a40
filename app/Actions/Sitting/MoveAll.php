<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\MoveRefused;
use App\Exceptions\SeatsWouldFail;
use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Record;
use App\Models\User;
use App\Queries\Sitting\WhoIsHere;
use Zwindle\Exam\Sitting\SittingMove;

/** The same move with everybody of an exam whose sitting allows it; the others stay as they are. */
final readonly class MoveAll
{
    public function __construct(private MoveSitting $move, private WhoIsHere $here, private RefuseSeatsThatFail $dryRun)
    {
    }

    /**
     * @return array{moved: int, waits: list<array{attempt: int, name: string, why: string}>} how many were moved, and of a start who waits
     *
     * @throws SeatsWouldFail if it is to be opened, and a seat of it could not be sat or judged
     */
    public function execute(Assignment $assignment, SittingMove $move, User $who, int $minutes = 0, string $why = ''): array
    {
        if ($move === SittingMove::Open) {
            $this->dryRun->execute($assignment);
        }
        $isDoor = [SittingMove::Open->value => null, SittingMove::Close->value => now(), SittingMove::Reopen->value => null];
        if (array_key_exists($move->value, $isDoor)) {
            $from = ['held' => $assignment->held_at !== null, 'closed' => $assignment->closed_at !== null];
            $assignment->update(['held_at' => null, 'closed_at' => $isDoor[$move->value]]);
            Record::add($move->value, $assignment, $who, $from, ['held' => false, 'closed' => $assignment->closed_at !== null], $why);
        }
        if ($move === SittingMove::Open || $move === SittingMove::Reopen) {
            // Who has handed in stays handed in: a person's hand-in is taken back one by one.
            return ['moved' => 0, 'waits' => []];
        }
        $moved = 0;
        $waits = [];
        $waiting = $move === SittingMove::Start ? $this->here->waiting($assignment) : [];
        foreach ($assignment->attempts()->with('trainee')->get() as $attempt) {
            $reason = $waiting[$attempt->id] ?? null;
            if ($reason !== null) {
                $waits[] = ['attempt' => $attempt->id, 'name' => $attempt->trainee->name, 'why' => __("sitting.waits.$reason")];

                continue;
            }
            try {
                $this->move->execute($attempt->setRelation('assignment', $assignment), $move, $who, $minutes, $why);
                $moved++;
            } catch (MoveRefused|WorkRefused) {
                continue;
            }
        }

        return ['moved' => $moved, 'waits' => $waits];
    }
}
