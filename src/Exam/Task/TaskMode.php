<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** Whether the bench helps, or is silent and tells nothing but what eyes see. */
enum TaskMode: string
{
    case Coached = 'coached';
    case Exam = 'exam';
}
