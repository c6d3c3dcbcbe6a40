<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

/** What holds a joint together. */
enum JoinedBy: string
{
    case Terminal = 'terminal';
    case WireNut = 'wire-nut';
    case Lever = 'lever';
    case PushIn = 'push-in';
    case Strip = 'strip';

    public function isConnector(): bool
    {
        return $this !== self::Terminal;
    }
}
