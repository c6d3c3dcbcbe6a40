<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** How far a board is tested in a task. */
enum ProvingNeed: string
{
    /** Not at all: the supply stays off. */
    case None = 'none';
    /** As whoever works likes. */
    case Free = 'free';
    /** Safe isolation before the supply comes on. */
    case Isolation = 'isolation';
    /** Safe isolation and the dead tests before the supply comes on. */
    case DeadTests = 'dead-tests';
}
