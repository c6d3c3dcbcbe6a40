<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Trace;

use Zwindle\Board\DevicePoint;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Solver;

/** The way of the current towards one lamp in one state, from where it enters to where it stops. */
final readonly class CurrentPath
{
    private const METAL = [HopKind::Core, HopKind::Joint, HopKind::Contact];

    /**
     * @param  list<Hop>  $hops  as far as it gets
     */
    private function __construct(
        public string $lamp,
        public array $hops,
        public PathEnd $end,
        public ?string $stopsAt,
    ) {
    }

    public static function towards(Circuit $circuit, string $lamp, int $state): self
    {
        $graph = new PointGraph($circuit, $state);
        $supply = $circuit->wiring->board->supply()->id;
        foreach ([DevicePoint::id($supply, 'neutral'), DevicePoint::id($supply, 'earth')] as $return) {
            $short = $graph->path(DevicePoint::id($supply, 'line'), $return, self::METAL);
            if ($short !== null) {
                return new self($lamp, $short, PathEnd::Short, $return);
            }
        }
        $result = Solver::solve($circuit, $state);
        $isLit = $result->lamps[(int) array_search($lamp, $circuit->lamps, true)]->isLit();
        if ($isLit || $result->trip !== null) {
            $whole = self::throughLamp($circuit, $graph, $lamp);
            if ($whole !== null) {
                $end = $result->trip === null ? PathEnd::Returns : PathEnd::Rcd;

                return new self($lamp, $whole, $end, $whole[count($whole) - 1]->to);
            }
        }

        return self::asFarAsItGets($circuit, $graph, $lamp);
    }

    /**
     * The other way: from the lamp back to where its line comes from, as far as it gets. One that is lit is followed from the
     * neutral it returns by, through the lamp, to the line.
     */
    public static function backFrom(Circuit $circuit, string $lamp, int $state): self
    {
        $forward = self::towards($circuit, $lamp, $state);
        if (in_array($forward->end, [PathEnd::Returns, PathEnd::Rcd, PathEnd::Short], true)) {
            $line = DevicePoint::id($circuit->wiring->board->supply()->id, 'line');

            return new self($lamp, self::reversed($forward->hops), $forward->end, $line);
        }
        $graph = new PointGraph($circuit, $state);
        $line = DevicePoint::id($circuit->wiring->board->supply()->id, 'line');
        $best = null;
        foreach (self::sides($circuit, $lamp) as $side) {
            $way = $graph->path($side, $line, [...self::METAL, HopKind::OpenContact]);
            if ($way !== null && ($best === null || self::gaps($way) < self::gaps($best))) {
                $best = $way;
            }
        }
        if ($best === null) {
            return self::backIntoNothing($circuit, $graph, $lamp);
        }
        foreach ($best as $i => $hop) {
            if ($hop->kind === HopKind::OpenContact) {
                return new self($lamp, array_slice($best, 0, $i), PathEnd::OpenContact, $hop->from);
            }
        }

        return new self($lamp, $best, PathEnd::NoReturn, $line);
    }

    /**
     * @param  list<Hop>  $hops
     * @return list<Hop>
     */
    private static function reversed(array $hops): array
    {
        return array_map(fn (Hop $hop) => new Hop($hop->kind, $hop->to, $hop->from), array_reverse($hops));
    }

    /** Nothing leads from the lamp to the line: the longest way from the side that is not on the neutral. */
    private static function backIntoNothing(Circuit $circuit, PointGraph $graph, string $lamp): self
    {
        $neutral = DevicePoint::id($circuit->wiring->board->supply()->id, 'neutral');
        $sides = self::sides($circuit, $lamp);
        $side = in_array($neutral, $graph->reach($sides[0], self::METAL), true) ? $sides[1] : $sides[0];
        $way = self::longest($graph, $side);

        return new self($lamp, $way, PathEnd::Nowhere, $way === [] ? $side : $way[count($way) - 1]->to);
    }

    /** @return list<Hop> the longest way that metal leads from a point */
    private static function longest(PointGraph $graph, string $from): array
    {
        $longest = [];
        foreach ($graph->reach($from, self::METAL) as $point) {
            $path = $graph->path($from, $point, self::METAL) ?? [];
            $longest = count($path) > count($longest) ? $path : $longest;
        }

        return $longest;
    }

    /** @return list<Hop>|null line → lamp → neutral or earth */
    private static function throughLamp(Circuit $circuit, PointGraph $graph, string $lamp): ?array
    {
        $supply = $circuit->wiring->board->supply()->id;
        [$one, $other] = self::sides($circuit, $lamp);
        $best = null;
        foreach ([[$one, $other], [$other, $one]] as [$in, $out]) {
            foreach ([DevicePoint::id($supply, 'neutral'), DevicePoint::id($supply, 'earth')] as $return) {
                $there = $graph->path(DevicePoint::id($supply, 'line'), $in, [...self::METAL, HopKind::Lamp]);
                $back = $graph->path($out, $return, [...self::METAL, HopKind::Lamp]);
                if ($there === null || $back === null) {
                    continue;
                }
                $whole = [...$there, new Hop(HopKind::Lamp, $in, $out), ...$back];
                $points = array_map(fn (Hop $hop) => $hop->to, $whole);
                $isSimple = count($points) === count(array_unique($points));
                if ($isSimple && ($best === null || count($whole) < count($best))) {
                    $best = $whole;
                }
            }
        }

        return $best;
    }

    /** Up to the open contact with the fewest further ones between it and the lamp; of equals, the one farthest along. */
    private static function asFarAsItGets(Circuit $circuit, PointGraph $graph, string $lamp): self
    {
        $line = DevicePoint::id($circuit->wiring->board->supply()->id, 'line');
        $reached = $graph->reach($line, self::METAL);
        foreach (array_intersect(self::sides($circuit, $lamp), $reached) as $side) {
            return new self($lamp, $graph->path($line, $side, self::METAL) ?? [], PathEnd::NoReturn, $side);
        }
        $ways = [];
        foreach ($graph->gapsAround($reached) as $gap) {
            foreach (self::sides($circuit, $lamp) as $side) {
                $beyond = $graph->path($gap->to, $side, [...self::METAL, HopKind::OpenContact]);
                if ($beyond !== null) {
                    $ways[] = [self::gaps($beyond), $graph->path($line, $gap->from, self::METAL) ?? [], $gap->from];
                }
            }
        }
        usort($ways, fn (array $a, array $b) => [$a[0], -count($a[1])] <=> [$b[0], -count($b[1])]);

        return $ways === []
            ? self::intoNothing($circuit, $graph, $lamp)
            : new self($lamp, $ways[0][1], PathEnd::OpenContact, $ways[0][2]);
    }

    /** No way to the lamp even with every contact closed: the longest way that the line does go. */
    private static function intoNothing(Circuit $circuit, PointGraph $graph, string $lamp): self
    {
        $line = DevicePoint::id($circuit->wiring->board->supply()->id, 'line');
        $longest = self::longest($graph, $line);
        $end = $longest === [] ? $line : $longest[count($longest) - 1]->to;

        return new self($lamp, $longest, PathEnd::Nowhere, $end);
    }

    /** @param  list<Hop>  $path */
    private static function gaps(array $path): int
    {
        return count(array_filter($path, fn (Hop $hop) => $hop->kind === HopKind::OpenContact));
    }

    /** @return array{string, string} */
    private static function sides(Circuit $circuit, string $lamp): array
    {
        $wiring = $circuit->wiring;
        [$one, $other] = $wiring->modelOf($wiring->board->devices[$lamp])->lampSides();

        return [DevicePoint::id($lamp, $one->name), DevicePoint::id($lamp, $other->name)];
    }
}
