<?php

declare(strict_types=1);

namespace App\Queries\Proving;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Services\ExamGate;
use Zwindle\Exam\Task\ProvingNeed;

/** Whether a board may be tested now: its task asks for it, and the clock allows it. */
final class OpenToTesting
{
    public static function check(Attempt $attempt): void
    {
        self::checkTask($attempt);
        ExamGate::refuse(ExamGate::refusalOfTesting($attempt), 'act');
    }

    public static function checkTask(Attempt $attempt): void
    {
        Proving::needOf($attempt) !== ProvingNeed::None || throw WorkRefused::because(['act' => __('proving.not-here')]);
    }
}
