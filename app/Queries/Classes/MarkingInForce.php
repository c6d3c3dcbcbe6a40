<?php

declare(strict_types=1);

namespace App\Queries\Classes;

use App\Models\Attempt;
use App\Models\Marking;
use Zwindle\Exam\Grading\GradePart;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Exam\Grading\Observation;
use Zwindle\Exam\Vary\Surface;

/** The marking by which an attempt is marked: at a screen without what only an eye at a real board can tell. Pages ask as it does. */
final class MarkingInForce
{
    public static function of(Attempt $attempt): ?GradingScheme
    {
        $json = $attempt->assignment->marking_json;
        $scheme = $json === null ? null : Marking::read($json);
        $isOnScreen = ! $attempt->is_on_board && $attempt->task()?->surface === Surface::Screen;

        return $isOnScreen ? $scheme?->onScreen() : $scheme;
    }

    /** @return list<string> ids of what the eye is asked: before the hand-in by the marking, after it by the mark as it was judged too */
    public static function observationsOf(Attempt $attempt): array
    {
        /** @var array{lines: list<array{part: string, what: string}>}|null $mark */
        $mark = $attempt->loadMissing('judgement')->judgement?->mark;
        $judged = array_filter($mark['lines'] ?? [], fn (array $line) => $line['part'] === GradePart::Workmanship->value);

        return array_values(array_unique([
            ...array_map(fn (Observation $one) => $one->id, self::of($attempt)->workmanship ?? []),
            ...array_column($judged, 'what'),
        ]));
    }
}
