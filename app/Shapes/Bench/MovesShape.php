<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Wording\MoveSentence;
use Zwindle\Bench\PlaceMap;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Move\Move;

/** Moves as they are worded and pointed at, in the bench's names of places. */
final class MovesShape
{
    /**
     * @param  list<Move>  $moves
     * @return list<array{text: string, box: string, places: list<string>}>
     */
    public static function all(array $moves, Wiring $wiring): array
    {
        $sentences = new MoveSentence($wiring);
        $places = PlaceMap::of($wiring);

        return array_map(fn (Move $move) => [
            'text' => $sentences->of($move),
            'box' => $sentences->boxOf($move),
            'places' => array_map(
                $places->placeOf(...),
                array_values(array_filter([$move->point, $move->to], fn (?string $point) => isset($wiring->points[(string) $point]))),
            ),
        ], $moves);
    }
}
