<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** Whether the bench helps, or is silent and shows nothing but what a trainee would see. */
enum TaskMode: string
{
    case Coached = 'coached';
    case Exam = 'exam';
}
