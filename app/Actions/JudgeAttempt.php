<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use Zwindle\Check\Checker;
use Zwindle\Check\Result;

/** The check of a trainee's board as it stands. */
final class JudgeAttempt
{
    public function execute(Attempt $attempt): Result
    {
        return Checker::check($attempt->stepLog()->bench()->wiring());
    }
}
