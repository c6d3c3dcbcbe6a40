<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/** What may differ from seat to seat. */
enum VariedAspects: string
{
    case Feed = 'feed';
    case Lamp = 'lamp';
    case Order = 'order';
    case Faces = 'faces';
    case Labels = 'labels';
    case Colours = 'colours';

    /**
     * Whether it can be changed on a board that hangs on a wall: cords are plugged elsewhere and tags exchanged, parts and
     * cables stay.
     */
    public function isMovableOnAWall(): bool
    {
        return $this === self::Feed || $this === self::Labels;
    }

    /** Whether it changes what has to be wired, not only how it looks. */
    public function isStructural(): bool
    {
        return $this === self::Feed || $this === self::Lamp || $this === self::Order;
    }
}
