<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Read\JsonText;

/** A task as an instructor tries it: coached or as in an exam, with tries enough. */
final class TrialTask
{
    /** Tries of one board without leaving it. */
    public const TRIES = 10;

    public static function inMode(string $taskJson, TaskMode $mode): string
    {
        return JsonText::with($taskJson, [
            'help' => $mode === TaskMode::Coached ? ['tester', 'hints'] : [], 'mode' => $mode->value, 'tries' => self::TRIES,
        ]);
    }
}
