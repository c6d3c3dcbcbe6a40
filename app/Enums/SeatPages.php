<?php

declare(strict_types=1);

namespace App\Enums;

/** What is printed for the seats of a task. */
enum SeatPages: string
{
    /** For trainees: what is asked on the board of their seat. */
    case Sheets = 'sheets';
    /** For the instructor: how the board of each seat is wired. */
    case Keys = 'keys';
}
