<?php

declare(strict_types=1);

namespace Zwindle\Task;

/**
 * Habits on which practitioners disagree; a task says where it stands, and prints it on the brief.
 *
 * Source: common practice; white as return NEC 200.7(C), neutral at switches NEC 404.2(C) (memory).
 */
enum Habit: string
{
    case Twisting = 'twisting';
    case WhiteAsReturn = 'white-as-return';
    case OrderOfWork = 'order-of-work';
    case L1OrL2 = 'l1-or-l2';
    case NeutralAt = 'neutral-at';

    /** @return list<string> the positions that can be taken on it */
    public function positions(): array
    {
        return match ($this) {
            self::Twisting => ['either', 'twist-first', 'connector-alone'],
            self::WhiteAsReturn => ['either', 'line-out-on-white', 'return-on-white'],
            self::OrderOfWork => ['either', 'box-by-box', 'farthest-first'],
            self::L1OrL2 => ['either', 'l1', 'l2'],
            self::NeutralAt => ['by-code', 'every-switch', 'none'],
        };
    }
}
