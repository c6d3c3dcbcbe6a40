<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Attempt;
use App\Queries\Proving\Proving;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\TaskKind;

/**
 * How far an attempt is: ends that are placed of those to place, questions that are answered of
 * those asked, or faults that are found.
 */
final readonly class CountProgress
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /** @return array{placed: int, ends: int} by replaying every step: for an attempt whose count is not kept yet */
    public function of(Attempt $attempt): array
    {
        $attempt->loadMissing(['assignment.boardFile', 'appliedSteps']);

        return match (true) {
            $attempt->assignment->kind()->isWired() => self::on($attempt->stepLog()->bench()->wiring()),
            $attempt->assignment->kind() === TaskKind::Fault => self::found($attempt),
            default => ['placed' => count($attempt->answers ?? []), 'ends' => count($this->ask->of($attempt))],
        };
    }

    /**
     * @return array{placed: int, ends: int} faults found, of those that were put in; in an exam those named, right or wrong. Whether they
     *     are put right is shown with the mark
     */
    private static function found(Attempt $attempt): array
    {
        $hunt = Proving::of($attempt)->hunt;
        $all = count($hunt->placed->faults ?? []);
        $named = $attempt->assignment->isGraded() ? min($all, count($hunt->named ?? [])) : count($hunt?->found() ?? []);

        return ['placed' => $named, 'ends' => $all];
    }

    /** @return array{placed: int, ends: int} */
    public static function on(Wiring $wiring): array
    {
        return ['placed' => $wiring->placed(), 'ends' => count($wiring->ends())];
    }
}
