<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;
use Zwindle\Exam\Sitting\SittingMove;
use Zwindle\Exam\Sitting\SittingState;

/** A move that the state of a sitting does not allow: somebody else was quicker, or the clock was. */
final class MoveRefused extends RuntimeException
{
    public static function of(SittingMove $move, SittingState $state, string $name): self
    {
        return new self(__("sitting.refused.$state->value", ['name' => $name, 'move' => __("sitting.move.$move->value")]));
    }
}
