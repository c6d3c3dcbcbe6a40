<?php

declare(strict_types=1);

namespace Zwindle\Board;

enum PointKind
{
    case ConductorEnd;
    case Terminal;
    case Lead;
    case EnclosureEarth;

    /** Screwed down where it is: a conductor comes to it, it does not come to a conductor. */
    public function isFixed(): bool
    {
        return $this === self::Terminal || $this === self::EnclosureEarth;
    }
}
