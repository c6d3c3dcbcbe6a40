<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use stdClass;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Problem\Problems;

/**
 * A wiring from before its board was changed: what is no longer on the board has come off, and everything else stands as
 * it did.
 *
 * What was under a terminal that is gone is capped; what was in a connector stays joined. All else that is wrong with the
 * file is refused as ever.
 */
final readonly class EarlierWiring
{
    /** @param  list<string>  $gone  points and devices of the wiring that the board no longer has */
    private function __construct(
        public Wiring $wiring,
        public array $gone,
    ) {
    }

    /**
     * @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to
     * @return self|null null if anything was added to the problems
     */
    public static function read(string|array|object $given, Board $board, Problems $problems): ?self
    {
        $json = JsonText::read($given, 'wiring', $problems);
        if (! $json instanceof stdClass) {
            return null;
        }
        $points = $board->points();
        $has = fn (string $point) => isset($points[$point]);
        $stands = fn (mixed $entry) => $entry instanceof stdClass && is_string($entry->point) && $has($entry->point);
        $joints = $gone = [];
        /** @var list<string> $caps */
        $caps = $json->caps ?? [];
        /** @var stdClass $joint */
        foreach ((array) $json->joints as $joint) {
            /** @var list<string> $own */
            $own = $joint->points;
            $left = array_values(array_filter($own, $has));
            $gone = [...$gone, ...array_values(array_diff($own, $left))];
            $hasFixed = array_filter($left, fn (string $point) => $points[$point]->isFixed()) !== [];
            if (count($left) === count($own) || (count($left) > 1 && ($joint->by !== 'terminal' || $hasFixed))) {
                $joint->points = $left;
                $joints[] = $joint;
            } else {
                $caps = [...$caps, ...array_filter($left, fn (string $point) => ! $points[$point]->isFixed())];
            }
        }
        $gone = [...$gone, ...array_filter($caps, fn (string $point) => ! $has($point))];
        $fitted = (array) ($json->fitted ?? []);
        $stillFitted = array_intersect_key($fitted, $board->devices);
        $standing = clone $json;
        $standing->joints = $joints;
        $standing->caps = array_values(array_unique(array_filter($caps, $has)));
        $standing->marks = array_values(array_filter((array) ($json->marks ?? []), $stands));
        $standing->labels = array_values(array_filter((array) ($json->labels ?? []), $stands));
        $standing->fitted = (object) $stillFitted;
        $wiring = WiringReader::read($standing, $board, $problems);

        return $wiring === null
            ? null
            : new self($wiring, array_values(array_unique([...$gone, ...array_keys(array_diff_key($fitted, $stillFitted))])));
    }
}
