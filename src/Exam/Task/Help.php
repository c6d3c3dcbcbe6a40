<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** Help that a task may allow. */
enum Help: string
{
    case Hints = 'hints';
    case Labels = 'labels';
    case Tester = 'tester';
    case TruthTable = 'truth-table';
}
