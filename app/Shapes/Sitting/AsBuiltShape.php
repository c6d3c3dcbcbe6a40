<?php

declare(strict_types=1);

namespace App\Shapes\Sitting;

use App\Models\Attempt;
use App\Queries\Classes\MarkingInForce;
use App\Shapes\Boards\AsFoundShape;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Exam\Grading\Observation;

/** What stands on the board of an attempt, as a sheet to be filled in. */
final class AsBuiltShape
{
    /**
     * What the eye is asked at this station, before the hand-in as well as after it.
     *
     * @return list<array{what: string, text: string, of: int}>
     */
    private static function observations(Attempt $attempt): array
    {
        return array_map(fn (Observation $one) => [
            'what' => $one->id, 'text' => $one->text, 'of' => $one->points,
        ], MarkingInForce::of($attempt)->workmanship ?? []);
    }

    /** @return array<string, mixed> */
    public static function of(Attempt $attempt): array
    {
        $board = $attempt->board();
        $shape = new AsFoundShape($board);

        return [
            'attempt' => $attempt->id,
            'trainee' => $attempt->trainee->name,
            'title' => $attempt->assignment->title(),
            'seat' => $attempt->seat,
            'practice' => $board->practice->id,
            'state' => $attempt->sittingState()->value,
            'dueAt' => $attempt->dueAt()?->toIso8601ZuluString('millisecond'),
            'serverTime' => now()->toIso8601ZuluString('millisecond'),
            'isOnWall' => $attempt->isOnWall(),
            'boxes' => $shape->boxes(AsFound::of($attempt->stepLog()->bench()->wiring())),
            'marks' => $shape->marks(),
            'observations' => self::observations($attempt),
            'note' => $attempt->note ?? '',
            'observed' => (object) ($attempt->observed ?? []),
        ];
    }
}
