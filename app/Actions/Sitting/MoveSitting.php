<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Actions\Bench\HandInOverdue;
use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Exceptions\MoveRefused;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use App\Queries\Classes\CountingJudgement;
use App\Services\ExamGate;
use Illuminate\Support\Facades\DB;
use Zwindle\Exam\Sitting\SittingMove;
use Zwindle\Exam\Sitting\SittingMoves;
use Zwindle\Exam\Sitting\SittingState;

/**
 * Makes one move with one person's sitting, as the state machine allows it, and records who did it, when and why. Of two who do the
 * same at once the second is told so.
 */
final readonly class MoveSitting
{
    public function __construct(private HandInOverdue $overdue, private KeepJudgement $keep, private RefuseSeatsThatFail $dryRun)
    {
    }

    /** @throws MoveRefused */
    public function execute(Attempt $attempt, SittingMove $move, User $who, int $minutes = 0, string $why = ''): void
    {
        $this->overdue->execute($attempt);
        if ($move === SittingMove::Open) {
            $this->dryRun->execute($attempt->assignment);
        }
        $after = DB::transaction(function () use ($attempt, $move, $who, $minutes, $why): SittingState {
            $attempt->claim();
            $before = $attempt->sittingState();
            $after = SittingMoves::after($before, $move) ?? throw MoveRefused::of($move, $before, $attempt->trainee->name);
            $this->make($attempt, $move, $who, $minutes);
            Record::add($move->value, $attempt, $who, ['state' => $before->value], [
                'state' => $attempt->sittingState()->value,
                ...($minutes > 0 ? ['minutes' => $minutes] : []),
            ], $why);

            return $after;
        });
        if ($after === SittingState::HandedIn) {
            $this->keep->execute($attempt, JudgedAt::HandIn);
        }
    }

    private function make(Attempt $attempt, SittingMove $move, User $who, int $minutes): void
    {
        match ($move) {
            SittingMove::Open => $attempt->assignment->update(['held_at' => null]),
            SittingMove::Present => $attempt->update(['present_at' => $attempt->present_at ?? now()]),
            SittingMove::Start => ExamGate::refuse(ExamGate::begin($attempt, $who), 'attempt'),
            SittingMove::Pause => $attempt->update(['paused_at' => now()]),
            SittingMove::Resume => $attempt->update(['paused_seconds' => $attempt->pausedSeconds(), 'paused_at' => null]),
            SittingMove::AddTime => $attempt->update(['added_seconds' => $attempt->added_seconds + $minutes * 60]),
            SittingMove::Close => $attempt->update([
                'paused_seconds' => $attempt->pausedSeconds(),
                'paused_at' => null,
                'handed_in_at' => now(),
                'finished_at' => now(),
                'tries' => $attempt->tries + 1,
            ]),
            SittingMove::Reopen => $this->reopen($attempt, $minutes),
            SittingMove::Void => $this->void($attempt),
            // Its clock stands, so that it can be brought back.
            SittingMove::Withdraw => $attempt->update([
                'withdrawn_at' => now(),
                'paused_at' => $attempt->started_at !== null && $attempt->handed_in_at === null ? $attempt->paused_at ?? now() : null,
            ]),
            SittingMove::Bring => $attempt->update(['withdrawn_at' => null]),
        };
    }

    /** The clock goes on where it stood at the hand-in, with the minutes that are given. */
    private function reopen(Attempt $attempt, int $minutes): void
    {
        $name = $attempt->trainee->name;
        $attempt->isReleased() && throw WorkRefused::because(['attempt' => __('sitting.released', ['name' => $name])]);
        $attempt->is_time_up && $minutes === 0 && throw WorkRefused::because([
            'minutes' => __('sitting.no-time-left', ['name' => $name]),
        ]);
        $since = (int) ceil($attempt->handed_in_at?->diffInSeconds(now(), true) ?? 0);
        $attempt->fill([
            'handed_in_at' => null,
            'is_time_up' => false,
            'finished_at' => null,
            'tries' => max(0, $attempt->tries - 1),
            'judged_try' => min($attempt->judged_try, max(0, $attempt->tries - 1)),
            'paused_seconds' => $attempt->paused_seconds + $since,
            'added_seconds' => $attempt->added_seconds + $minutes * 60,
        ]);
        $counts = CountingJudgement::of($attempt);
        $attempt->fill(['judgement_id' => $counts?->id, 'verdict' => $counts?->verdict, 'headline' => $counts?->headline])->save();
    }

    /** Its steps stay in the list, and count no more. */
    private function void(Attempt $attempt): void
    {
        $attempt->isReleased() && throw WorkRefused::because([
            'attempt' => __('sitting.released', ['name' => $attempt->trainee->name]),
        ]);
        $attempt->update([
            'started_at' => null, 'handed_in_at' => null, 'finished_at' => null, 'is_time_up' => false, 'paused_at' => null,
            'paused_seconds' => 0, 'added_seconds' => 0, 'tries' => 0, 'judged_try' => 0, 'judgement_id' => null, 'verdict' => null,
            'headline' => null, 'answers' => null, 'observed' => null, 'present_at' => null, 'overrides' => null, 'second' => null,
            'note' => null, 'bare_from' => $attempt->head, 'placed' => 0,
        ]);
    }
}
