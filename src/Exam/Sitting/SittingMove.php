<?php

declare(strict_types=1);

namespace Zwindle\Exam\Sitting;

/** What can be done with a sitting, by its trainee, by the clock or by an instructor. */
enum SittingMove: string
{
    case Open = 'open';
    /** Its trainee is there, at a station that has no screen to tell it. */
    case Present = 'present';
    case Start = 'start';
    case Pause = 'pause';
    case Resume = 'resume';
    case AddTime = 'add-time';
    /** What stands is handed in. */
    case Close = 'close';
    /** A hand-in is taken back; the clock goes on with the time that was left. */
    case Reopen = 'reopen';
    /** Begun by mistake: as if it had not been begun. */
    case Void = 'void';
    case Withdraw = 'withdraw';
    case Bring = 'bring-back';
}
