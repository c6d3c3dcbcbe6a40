<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** What a task makes of a remark. */
enum RuleWeight: string
{
    case Remark = 'remark';
    case Fault = 'fault';
    case Off = 'off';
}
