<?php

declare(strict_types=1);

namespace Zwindle\Exam\Sitting;

/** How one person's sitting stands. */
enum SittingState: string
{
    /** Set, and not opened yet. */
    case Held = 'held';
    /** Open, and not begun. */
    case Waiting = 'waiting';
    case Running = 'running';
    case Paused = 'paused';
    case HandedIn = 'handed-in';
    case Withdrawn = 'withdrawn';
}
