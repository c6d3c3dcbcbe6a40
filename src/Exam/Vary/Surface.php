<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/** Where the boards of the seats are. */
enum Surface: string
{
    case Screen = 'screen';
    /** Real boards: their parts and cables stay where they are. */
    case Wall = 'wall';

    public function allows(VariedAspects $what): bool
    {
        return $this === self::Screen || $what->isMovableOnAWall();
    }
}
