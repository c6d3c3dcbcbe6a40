<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Board;
use Zwindle\Board\Core;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;

/**
 * British boards of a chain of switches in three-core, feed and lamp at the first; and every way to wire them with the commons
 * linked, tried blind: which core carries what in every cable, sharing nothing with the planner.
 */
final class LinkedChain
{
    /** @return array<string, mixed> a board file */
    public static function board(int $switches): array
    {
        $boxes = [['id' => 'SRC', 'kind' => 'supply', 'label' => 'Consumer unit'], [
            'id' => 'L1',
            'kind' => 'light-box',
            'label' => 'Light',
            'material' => 'plastic',
        ]];
        $devices = [[
            'id' => 'PS',
            'in' => 'SRC',
            'model' => 'gb-supply',
            'breakerA' => 6,
            'rcdMa' => 30,
        ], ['id' => 'LA', 'in' => 'L1', 'model' => 'gb-batten-bc']];
        $cables = [
            ['id' => 'F', 'type' => 'gb-1.5-te', 'from' => 'SRC', 'to' => 'K1'],
            ['id' => 'G', 'type' => 'gb-1.5-te', 'from' => 'K1', 'to' => 'L1'],
        ];
        for ($i = 1; $i <= $switches; $i++) {
            $boxes[] = ['id' => "K$i", 'kind' => 'switch-box', 'label' => "Floor $i", 'material' => 'metal'];
            $devices[] = [
                'id' => "S$i",
                'in' => "K$i",
                'model' => $i === 1 || $i === $switches ? 'gb-switch-2way' : 'gb-switch-intermediate',
            ];
            $i > 1 && $cables[] = ['id' => "W$i", 'type' => 'gb-1.5-3ce', 'from' => 'K'.($i - 1), 'to' => "K$i"];
        }

        return [
            'format' => 'zwindle-board',
            'version' => 1,
            'title' => "Stairs of $switches floors",
            'practice' => 'gb',
            'code' => 'BS7671-2018A2',
            'enclosures' => $boxes,
            'devices' => $devices,
            'cables' => $cables,
            'controls' => [['lamps' => ['LA'], 'switches' => array_map(fn (int $i) => "S$i", range(1, $switches))]], 'alwaysOn' => [],
        ];
    }

    /** @return list<string> what tells the passing ones apart, sorted */
    public static function passing(Board $board, int $switches): array
    {
        $looks = [];
        for ($gap = 1; $gap < $switches; $gap++) {
            $terminals = self::terminals($switches, $gap);
            foreach (self::labelings(array_values($board->cables), array_keys($terminals)) as $labels) {
                if (! self::reachesAll($board, $labels, $terminals)) {
                    continue;
                }
                $result = Checker::check(self::wiring($board, $labels, $terminals));
                if ($result->verdict === Verdict::Pass) {
                    $looks[] = self::look($result);
                }
            }
        }
        $looks = array_values(array_unique($looks));
        sort($looks);

        return $looks;
    }

    public static function look(Result $result): string
    {
        $look = [];
        foreach ($result->evidence->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $look[] = "$core->cable.$core->name ".$result->evidence->roles->ofCore($core)->value;
            }
        }

        return implode(', ', $look);
    }

    /** @return array<string, list<string>> label → terminals: line and switched line are the pair between a switch and the next */
    private static function terminals(int $switches, int $gap): array
    {
        $terminals = ['L' => ['PS.line'], 'S' => ['LA.a'], 'N' => ['PS.neutral', 'LA.b'], 'C' => ['S1.com', "S$switches.com"]];
        for ($i = 1; $i < $switches; $i++) {
            $next = $i + 1;
            $left = $i === 1 ? ['S1.l1', 'S1.l2'] : ["S$i.b1", "S$i.b2"];
            $right = $next === $switches ? ["S$next.l1", "S$next.l2"] : ["S$next.a1", "S$next.a2"];
            foreach ([0, 1] as $side) {
                $label = $i === $gap ? ['L', 'S'][$side] : ['T', 'U'][$side].$i;
                $terminals[$label] = [...($terminals[$label] ?? []), $left[$side], $right[$side]];
            }
        }

        return $terminals;
    }

    /**
     * @param  list<\Zwindle\Board\Cable>  $cables
     * @param  list<string>  $labels
     * @return iterable<array<string, string>> core → label; every core carries something, no two of a cable the same
     */
    private static function labelings(array $cables, array $labels): iterable
    {
        if ($cables === []) {
            yield [];

            return;
        }
        $cable = array_shift($cables);
        $cores = array_keys(array_filter($cable->cores, fn (Core $core) => ! $core->colour->isEarths()));
        // Feed and lamp come in twin cable: what it can carry needs no trying.
        $possible = ['F' => ['L', 'N'], 'G' => ['S', 'N']][$cable->id] ?? $labels;
        foreach (self::labelings($cables, $labels) as $rest) {
            foreach (self::injections(count($cores), $possible) as $chosen) {
                yield [...$rest, ...array_combine(array_map(fn (string $core) => "$cable->id.$core", $cores), $chosen)];
            }
        }
    }

    /**
     * @param  list<string>  $labels
     * @return iterable<list<string>>
     */
    private static function injections(int $count, array $labels): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach ($labels as $label) {
            foreach (self::injections($count - 1, array_values(array_diff($labels, [$label]))) as $rest) {
                yield [$label, ...$rest];
            }
        }
    }

    /**
     * Whether the cores of each label tie all its terminals together, with none over: a tree whose leaves are terminals.
     *
     * @param  array<string, string>  $labels
     * @param  array<string, list<string>>  $terminals
     */
    private static function reachesAll(Board $board, array $labels, array $terminals): bool
    {
        foreach ($terminals as $label => $points) {
            $boxes = array_unique(array_map(fn (string $point) => $board->devices[explode('.', $point)[0]]->enclosure, $points));
            $runs = array_map(fn (string $core) => $board->cables[explode('.', $core)[0]], array_keys($labels, $label, true));
            $touched = array_merge(...array_map(fn ($cable) => [$cable->from, $cable->to], array_values($runs)), ...[[]]);
            $ends = array_keys(array_filter(array_count_values($touched), fn (int $count) => $count === 1));
            if (array_diff($ends, $boxes) !== [] || array_diff(count($boxes) > 1 ? $boxes : [], $touched) !== []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, string>  $labels
     * @param  array<string, list<string>>  $terminals
     */
    private static function wiring(Board $board, array $labels, array $terminals): Wiring
    {
        $groups = $marks = [];
        foreach ($board->points() as $point) {
            $label = $point->isEarthing() || ($point->core?->colour->isEarths() ?? false) ? 'E' : ($point->core === null
                ? (array_keys(array_filter($terminals, fn (array $points) => in_array($point->id, $points, true)))[0] ?? null)
                : $labels["{$point->core->cable}.{$point->core->name}"]);
            $label === null || $groups["$point->enclosure $label"][] = $point->id;
            if ($point->core !== null) {
                $marks[$point->id] = $label === 'E' ? MarkedAs::Earth : ($label === 'N' ? MarkedAs::Neutral : MarkedAs::Line);
            }
        }
        $joints = array_map(
            fn (string $key, array $points) => new Joint(explode(' ', $key)[0], $points, JoinedBy::Strip),
            array_keys($groups),
            $groups,
        );

        return Wiring::of($board, array_values(array_filter($joints, fn (Joint $joint) => count($joint->points) > 1)), [], $marks);
    }
}
