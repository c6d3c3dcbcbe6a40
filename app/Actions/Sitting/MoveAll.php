<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\MoveRefused;
use App\Models\Assignment;
use App\Models\Record;
use App\Models\User;
use Illuminate\Validation\ValidationException;
use Zwindle\Exam\Sitting\SittingMove;

/** The same move with everybody of an exam whose sitting allows it; the others stay as they are. */
final readonly class MoveAll
{
    public function __construct(private MoveSitting $move)
    {
    }

    /** @return int how many were moved */
    public function execute(Assignment $assignment, SittingMove $move, User $who, int $minutes = 0, string $why = ''): int
    {
        $isDoor = [SittingMove::Open->value => null, SittingMove::Close->value => now(), SittingMove::Reopen->value => null];
        if (array_key_exists($move->value, $isDoor)) {
            $from = ['held' => $assignment->held_at !== null, 'closed' => $assignment->closed_at !== null];
            $assignment->update(['held_at' => null, 'closed_at' => $isDoor[$move->value]]);
            Record::add($move->value, $assignment, $who, $from, ['held' => false, 'closed' => $assignment->closed_at !== null], $why);
        }
        if ($move === SittingMove::Open || $move === SittingMove::Reopen) {
            // Who has handed in stays handed in: a person's hand-in is taken back one by one.
            return 0;
        }
        $moved = 0;
        foreach ($assignment->attempts()->with('trainee')->get() as $attempt) {
            try {
                $this->move->execute($attempt->setRelation('assignment', $assignment), $move, $who, $minutes, $why);
                $moved++;
            } catch (MoveRefused|ValidationException) {
                continue;
            }
        }

        return $moved;
    }
}
