<?php

declare(strict_types=1);

namespace Zwindle\Drill;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Exam\Vary\Dice;

/**
 * A full box, live, every end apart. One cable is the feed; another may lie along it and pick up a ghost: the pen lights on both, the
 * two-pole tester on the feed alone.
 */
final class FeedLab
{
    private const SHARED_M = 6.0;

    public static function of(Dice $dice, Practice $practice): Lab
    {
        $count = 3 + $dice->for('cables')->throw(3);
        $could = $shows = [];
        foreach (range(1, $count) as $feed) {
            foreach (array_diff(range(0, $count), [$feed]) as $ghost) {
                $could["$feed beside $ghost"] = "$feed";
            }
        }
        $lights = self::ghostV($practice) >= Instruments::facts()['pen']['leastV'];
        foreach (array_keys($could) as $id) {
            [$feed, , $ghost] = array_map(intval(...), explode(' ', $id));
            foreach (range(1, $count) as $cable) {
                $shows["pen $cable"][$id] = $cable === $feed || ($cable === $ghost && $lights) ? 'lit' : 'dark';
                $shows["volt $cable"][$id] = $cable === $feed ? 'marks' : 'dark';
            }
        }
        $types = array_values(array_filter(
            CableType::of($practice),
            fn (CableType $type) => ! $type->isSingle && $type->oldOf === null && $type->size === $practice->newSizes[0],
        ));
        $prints = array_map(
            fn (int $cable) => $dice->for("print $cable")->shuffled($types)[0]->print,
            range(1, $count),
        );

        return new Lab(
            $could,
            $shows,
            $dice->for('truth')->shuffled(array_keys($could))[0],
            ['cables' => $prints],
        );
    }

    /** What couples into a cable that lies along a live one, by the length that they share against what it has to earth. */
    private static function ghostV(Practice $practice): float
    {
        return $practice->nominalV * self::SHARED_M / (self::SHARED_M + Instruments::facts()['pen']['strayM']);
    }
}
