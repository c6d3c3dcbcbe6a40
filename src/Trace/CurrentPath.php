<?php

declare(strict_types=1);

namespace Zwindle\Trace;

use Zwindle\Net\Circuit;
use Zwindle\Solve\Solver;

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
        foreach (["$supply.neutral", "$supply.earth"] as $return) {
            $short = $graph->path("$supply.line", $return, self::METAL);
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

    /** @return list<Hop>|null line → lamp → neutral or earth */
    private static function throughLamp(Circuit $circuit, PointGraph $graph, string $lamp): ?array
    {
        $supply = $circuit->wiring->board->supply()->id;
        [$one, $other] = self::sides($circuit, $lamp);
        $best = null;
        foreach ([[$one, $other], [$other, $one]] as [$in, $out]) {
            foreach (["$supply.neutral", "$supply.earth"] as $return) {
                $there = $graph->path("$supply.line", $in, [...self::METAL, HopKind::Lamp]);
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

    private static function asFarAsItGets(Circuit $circuit, PointGraph $graph, string $lamp): self
    {
        $supply = $circuit->wiring->board->supply()->id;
        $paths = [];
        foreach (self::sides($circuit, $lamp) as $side) {
            $path = $graph->path("$supply.line", $side, [...self::METAL, HopKind::OpenContact]);
            if ($path !== null) {
                $paths[] = $path;
            }
        }
        usort($paths, fn (array $a, array $b) => [self::gaps($a), count($a)] <=> [self::gaps($b), count($b)]);
        if ($paths === []) {
            return self::intoNothing($circuit, $graph, $lamp);
        }
        $reached = [];
        foreach ($paths[0] as $hop) {
            if ($hop->kind === HopKind::OpenContact) {
                return new self($lamp, $reached, PathEnd::OpenContact, $hop->from);
            }
            $reached[] = $hop;
        }

        return new self($lamp, $reached, PathEnd::NoReturn, $reached[count($reached) - 1]->to);
    }

    /** No way to the lamp even with every contact closed: the longest way that the line does go. */
    private static function intoNothing(Circuit $circuit, PointGraph $graph, string $lamp): self
    {
        $line = $circuit->wiring->board->supply()->id.'.line';
        $longest = [];
        foreach ($graph->reach($line, self::METAL) as $point) {
            $path = $graph->path($line, $point, self::METAL) ?? [];
            $longest = count($path) > count($longest) ? $path : $longest;
        }
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

        return ["$lamp.$one->name", "$lamp.$other->name"];
    }
}
