<?php

declare(strict_types=1);

namespace App\Actions\Diagnosis;

use App\Actions\Sitting\TakeDownBoard;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\ConfirmedMistake;
use App\Models\Record;
use App\Models\User;
use App\Services\KeptPlans;
use Zwindle\Exam\Sitting\SittingState;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Repair\Mistake\Mistake;

/**
 * A mistake that was found on an attempt's board and is confirmed: its class learns from it, and where nobody has taken the board
 * down yet it stands as planned but for the mistake, which its mark follows.
 */
final readonly class ConfirmMistake
{
    public function __construct(private KeptPlans $plans, private TakeDownBoard $take)
    {
    }

    /** @param  list<string>  $at  as the diagnosis names it */
    public function execute(User $who, Attempt $attempt, string $kind, array $at): void
    {
        $right = $this->plans->best($attempt->board())?->wiring;
        $id = "$kind ".implode(' ', $at);
        $faulty = $right === null ? null : FaultyBoard::of($right, [$id, "$id up", "$id down"]);
        if ($faulty === null || $faulty->faults === []) {
            throw WorkRefused::because(['kind' => __('proving.no-such-fault')]);
        }
        $confirmed = ConfirmedMistake::query()->firstOrCreate(['attempt_id' => $attempt->id, 'kind' => $kind, 'at' => implode(' ', $at)], [
            'instructor_id' => $attempt->assignment->classroom->instructor_id ?? $who->id,
            'classroom_id' => $attempt->assignment->classroom_id,
            'board_file_id' => $attempt->assignment->board_file_id,
            'found_at' => now(),
        ]);
        if ($confirmed->wasRecentlyCreated) {
            Record::add('fault-found', $attempt, $who, to: [
                'mistakes' => array_map(fn (Mistake $mistake) => $mistake->id(), array_values($faulty->faults)),
            ]);
        }
        $isUnderWay = in_array($attempt->sittingState(), [SittingState::Running, SittingState::Paused], true);
        if ($attempt->is_on_board && $attempt->placed === 0 && $isUnderWay && $who->can('move', $attempt)) {
            $this->take->execute($attempt, $faulty->suspect->lookFallenOff(), $who);
        }
    }
}
