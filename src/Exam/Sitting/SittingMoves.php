<?php

declare(strict_types=1);

namespace Zwindle\Exam\Sitting;

/** The state machine of a sitting: which move leads from which state to which. Every other move is refused. */
final class SittingMoves
{
    private const TABLE = [
        'open' => ['held' => 'waiting'],
        'present' => ['held' => 'held', 'waiting' => 'waiting'],
        'start' => ['waiting' => 'running'],
        'pause' => ['running' => 'paused'],
        'resume' => ['paused' => 'running'],
        'add-time' => ['running' => 'running', 'paused' => 'paused'],
        'close' => ['running' => 'handed-in', 'paused' => 'handed-in'],
        'reopen' => ['handed-in' => 'running'],
        'void' => ['running' => 'waiting', 'paused' => 'waiting', 'handed-in' => 'waiting'],
        'withdraw' => [
            'held' => 'withdrawn', 'waiting' => 'withdrawn', 'running' => 'withdrawn', 'paused' => 'withdrawn',
            'handed-in' => 'withdrawn',
        ],
        'bring-back' => ['withdrawn' => 'waiting'],
    ];

    /** The state after a move; null where the move is not allowed. */
    public static function after(SittingState $state, SittingMove $move): ?SittingState
    {
        $next = self::TABLE[$move->value][$state->value] ?? null;

        return $next === null ? null : SittingState::from($next);
    }

    /** @return list<SittingMove> what can be done with it */
    public static function from(SittingState $state): array
    {
        return array_values(array_filter(SittingMove::cases(), fn (SittingMove $move) => self::after($state, $move) !== null));
    }
}
