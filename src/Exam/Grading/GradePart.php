<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** What a line of a grade is for. */
enum GradePart: string
{
    case Behaviour = 'behaviour';
    case Distance = 'distance';
    case Safety = 'safety';
    case Rule = 'rule';
    case Answers = 'answers';
    case Order = 'order';
    case Time = 'time';
    case Workmanship = 'workmanship';
}
