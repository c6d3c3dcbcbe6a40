<?php

declare(strict_types=1);

namespace App\Shapes;

use App\Models\Attempt;
use Zwindle\Board\Wiring\AsFoundSheet;

/** What stands on the board of an attempt, as a sheet to be filled in. */
final class AsBuiltShape
{
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
            'boxes' => $shape->boxes(AsFoundSheet::of($attempt->stepLog()->bench()->wiring())),
            'marks' => $shape->marks(),
        ];
    }
}
