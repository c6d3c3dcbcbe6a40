<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use Zwindle\Board\Wiring\Wiring;

/** How far an attempt is: ends that are placed of those to place, or questions that are answered of those asked. */
final readonly class CountProgress
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /** @return array{placed: int, ends: int} by replaying every step: for an attempt whose count is not kept yet */
    public function of(Attempt $attempt): array
    {
        $attempt->loadMissing(['assignment.boardFile', 'appliedSteps']);

        return $attempt->assignment->kind()->isWired()
            ? self::on($attempt->stepLog()->bench()->wiring())
            : ['placed' => count($attempt->answers ?? []), 'ends' => count($this->ask->of($attempt))];
    }

    /** @return array{placed: int, ends: int} */
    public static function on(Wiring $wiring): array
    {
        return ['placed' => $wiring->placed(), 'ends' => count($wiring->ends())];
    }
}
