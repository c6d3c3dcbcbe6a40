<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\MoveRefused;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use App\Queries\Bench\CountProgress;
use Illuminate\Support\Facades\DB;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Sitting\SittingMove;
use Zwindle\Exam\Sitting\SittingState;

/**
 * Takes down the wiring of a real board as the steps of its attempt, from how it was given: it is judged and marked like any other.
 * Of two instructors who write at once the later sheet counts; both stay on record.
 */
final class TakeDownBoard
{
    private const DEVICE = 'as-built';

    public function execute(Attempt $attempt, Wiring $wiring, User $who): void
    {
        DB::transaction(function () use ($attempt, $wiring, $who): void {
            $attempt->claim();
            $state = $attempt->sittingState();
            if (! in_array($state, [SittingState::Running, SittingState::Paused], true)) {
                throw MoveRefused::of(SittingMove::Close, $state, $attempt->trainee->name);
            }
            $attempt->bare_from = $attempt->head;
            // Boxes that others have done stand from the start: the sheet says what stands in them now.
            foreach (WiringAsSteps::over($attempt->startingBench()->wiring(), $wiring) as $step) {
                $attempt->steps()->create([
                    'device' => self::DEVICE, 'number' => ++$attempt->head, 'sequence' => $attempt->head, 'json' => $step,
                    'made_at' => now(), 'received_at' => now(),
                ]);
            }
            Record::add('as-built', $attempt, $who, to: ['steps' => $attempt->head - $attempt->bare_from]);
            $attempt->unsetRelation('appliedSteps')->fill(CountProgress::on($wiring))->save();
        });
    }
}
