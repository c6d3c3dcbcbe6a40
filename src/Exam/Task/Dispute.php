<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Catalogue\Practices\Practice;

/**
 * Habits on which practitioners disagree; a task says where it stands, and prints it on the brief.
 *
 * Source: common practice; white as return NEC 200.7(C), neutral at switches NEC 404.2(C) (memory).
 */
enum Dispute: string
{
    case Twisting = 'twisting';
    case WhiteAsReturn = 'white-as-return';
    case OrderOfWork = 'order-of-work';
    case L1OrL2 = 'l1-or-l2';
    case NeutralAt = 'neutral-at';

    /** @return list<self> those that are disputed in a practice */
    public static function in(Practice $practice): array
    {
        return array_values(array_filter(self::cases(), fn (self $dispute) => $dispute->positions($practice) !== []));
    }

    /** @return list<string> the positions that can be taken on it; none where the practice has no such dispute */
    public function positions(Practice $practice): array
    {
        return $practice->disputes[$this->value] ?? [];
    }
}
