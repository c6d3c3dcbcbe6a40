<?php

declare(strict_types=1);

namespace Zwindle\Drill;

/** Short exercises of eye, meter and head. */
enum DrillKind: string
{
    /** Terminals and a meter: which device, where its common or its pairs are, or that it is bad. */
    case Device = 'device';
    /** Which of several cables in a full box is the feed: live, with pen and tester. */
    case Feed = 'feed';
    /** Which cable at a rose or light box is the switch drop: dead, two conductors linked at the switch. */
    case Drop = 'drop';
    /** What the lamp does for these positions. */
    case Lamp = 'lamp';
    /** What is printed on a jacket, and what the cable may carry. */
    case Jacket = 'jacket';

    /** Whether something hidden is found by measuring; the others are questions. */
    public function isMeasured(): bool
    {
        return in_array($this, [self::Device, self::Feed, self::Drop], true);
    }
}
