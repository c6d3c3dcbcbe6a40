<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Board;
use Zwindle\Board\Core;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;

/**
 * Every way to give the insulated cores of a small North American two-switch board the labels line, neutral, switched line,
 * two travellers or nothing, in both directions of the chain: blind, and sharing nothing with the planner.
 */
final class EveryAssignment
{
    private const LABELS = ['L', 'N', 'S', 'T', 'U', '-'];

    /** @return list<string> the looks of those that pass and have no core to spare in use, sorted */
    public static function passing(Board $board): array
    {
        $cores = array_values(array_filter(self::cores($board), fn (Core $core) => $core->colour !== Colour::Bare));
        $looks = [];
        foreach (self::labelings(count($cores)) as $labels) {
            foreach ([['S1', 'S2'], ['S2', 'S1']] as [$first, $last]) {
                $terminals = [
                    'L' => ['PS.line', "$first.common"], 'N' => ['PS.neutral', 'LA.neutral'], 'S' => ["$last.common", 'LA.hot'],
                    'T' => ["$first.t1", "$last.t1"], 'U' => ["$first.t2", "$last.t2"],
                ];
                if (! self::isMinimal($board, $cores, $labels, $terminals)) {
                    continue;
                }
                $result = Checker::check(self::wiring($board, $cores, $labels, $terminals));
                if ($result->verdict === Verdict::Pass) {
                    $looks[] = self::look($result);
                }
            }
        }
        $looks = array_values(array_unique($looks));
        sort($looks);

        return $looks;
    }

    /** What each core carries, and which switch is on the line. */
    public static function look(Result $result): string
    {
        $look = [];
        foreach (self::cores($result->evidence->board) as $core) {
            $look[] = "$core->cable.$core->name ".$result->evidence->roles->ofCore($core)->value;
        }
        $first = array_filter(
            ['S1', 'S2'],
            fn (string $switch) => $result->evidence->nets->at("$switch.common") === $result->evidence->circuit->lineNet,
        );

        return implode(', ', $look).'; '.implode(' ', $first);
    }

    /** @return list<Core> */
    private static function cores(Board $board): array
    {
        return array_merge(...array_map(fn ($cable) => array_values($cable->cores), array_values($board->cables)));
    }

    /** @return iterable<list<string>> */
    private static function labelings(int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach (self::labelings($count - 1) as $labels) {
            foreach (self::LABELS as $label) {
                yield [...$labels, $label];
            }
        }
    }

    /**
     * Whether every label joins its terminals, and no core of it could be left out. A neutral may be brought into a box for
     * a switch and end there.
     *
     * @param  list<Core>  $cores
     * @param  list<string>  $labels
     * @param  array<string, list<string>>  $terminals
     */
    private static function isMinimal(Board $board, array $cores, array $labels, array $terminals): bool
    {
        foreach ($terminals as $label => $points) {
            $boxes = array_unique(array_map(fn (string $point) => $board->devices[explode('.', $point)[0]]->enclosure, $points));
            if ($label === 'N' && $board->edition->id === 'NEC-2011') {
                $boxes = array_unique([...$boxes, 'B1', 'B2']);
            }
            $own = array_values(array_filter($cores, fn (Core $core, int $i) => $labels[$i] === $label, ARRAY_FILTER_USE_BOTH));
            if (! self::joins($own, $boxes)) {
                return false;
            }
            foreach (array_keys($own) as $i) {
                if (self::joins(array_values(array_diff_key($own, [$i => 0])), $boxes)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<Core>  $cores
     * @param  array<int, string>  $boxes
     */
    private static function joins(array $cores, array $boxes): bool
    {
        $reached = [array_values($boxes)[0] => true];
        do {
            $before = count($reached);
            foreach ($cores as $core) {
                if (isset($reached[$core->from]) || isset($reached[$core->to])) {
                    $reached[$core->from] = $reached[$core->to] = true;
                }
            }
        } while (count($reached) > $before);

        return array_diff($boxes, array_keys($reached)) === [];
    }

    /**
     * @param  list<Core>  $cores
     * @param  list<string>  $labels
     * @param  array<string, list<string>>  $terminals
     */
    private static function wiring(Board $board, array $cores, array $labels, array $terminals): Wiring
    {
        $joints = $caps = $marks = [];
        foreach ($board->enclosures as $enclosure) {
            foreach ($terminals as $label => $points) {
                $here = array_values(array_filter(
                    $points,
                    fn (string $point) => $board->devices[explode('.', $point)[0]]->enclosure === $enclosure->id,
                ));
                foreach ($cores as $i => $core) {
                    if ($labels[$i] === $label && in_array($core->endIn($enclosure->id), $core->ends(), true)) {
                        $here[] = $core->endIn($enclosure->id);
                    }
                }
                if (count($here) > 1) {
                    $joints[] = new Joint($enclosure->id, $here, JoinedBy::WireNut);
                } elseif (str_contains($here[0] ?? '', '@')) {
                    $caps[] = $here[0];
                }
            }
            $earths = array_keys(array_filter(
                $board->points(),
                fn ($point) => $point->enclosure === $enclosure->id && ($point->isEarthing() || $point->core?->colour === Colour::Bare),
            ));
            if (count($earths) > 1) {
                $joints[] = new Joint($enclosure->id, $earths, JoinedBy::WireNut);
            } elseif (str_contains($earths[0] ?? '', '@')) {
                $caps[] = $earths[0];
            }
        }
        foreach ($cores as $i => $core) {
            foreach ($core->ends() as $end) {
                if ($labels[$i] === '-') {
                    $caps[] = $end;
                } elseif ($labels[$i] !== 'N' && $core->colour === Colour::White) {
                    $marks[$end] = MarkedAs::Line;
                }
            }
        }

        return Wiring::of($board, $joints, $caps, $marks);
    }
}
