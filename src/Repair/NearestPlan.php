<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use WeakMap;
use Zwindle\Board\Board;
use Zwindle\Board\Requirements;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Checker;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Result;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Search\Arrangement;
use Zwindle\Plan\Search\Assembler;
use Zwindle\Plan\Search\Chains;
use Zwindle\Plan\Search\Palette;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Search\Search;
use Zwindle\Plan\Search\Strand;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\MovesInTurn;
use Zwindle\Repair\Nearest\MovesToTarget;
use Zwindle\Repair\Nearest\NearestTarget;
use Zwindle\Repair\Nearest\RunWays;
use Zwindle\Repair\Nearest\StandingWiring;
use Zwindle\Repair\Nearest\Target;
use Zwindle\Repair\Nearest\TiedSwitches;

/**
 * The plan that lies nearest to a wiring: every joint that can stay stays, and the fewest conductors come off and go on.
 *
 * Of plans that pass the nearest is taken; one with a remark of a dispute only where none passes.
 */
final class NearestPlan
{
    /** Up to so many switches every arrangement is looked at, with more those nearest to what stands. */
    private const SMALL = 5;

    /** Arrangements that are followed up, the nearest first. */
    private const MOST_FOLLOWED = 12;

    /** @var WeakMap<Evidence, array{self|null}>|null */
    private static ?WeakMap $known = null;

    /**
     * @param  Wiring  $start  what it was looked for from, on the board with every cable chosen
     * @param  list<Move>  $moves  parts, then conductors box by box, then marks
     * @param  list<string>  $unmarked  ends whose mark comes off
     * @param  list<int>  $kept  joints of the plan that stand already
     */
    private function __construct(
        public readonly Wiring $start,
        public readonly Plan $plan,
        public readonly array $moves,
        public readonly array $unmarked,
        public readonly array $kept,
    ) {
    }

    /**
     * The one that lies nearest to a wiring that was checked, worked out once for each check.
     *
     * @return self|null as of `to`
     */
    public static function of(Result $result): ?self
    {
        self::$known ??= new WeakMap;
        if (! isset(self::$known[$result->evidence])) {
            self::$known[$result->evidence] = [self::to($result->evidence->wiring, edition: $result->evidence->edition)];
        }

        return self::$known[$result->evidence][0];
    }

    /**
     * @param  string|null  $scheme  asked for; the board's own requirement if null
     * @return self|null null if the board has no plan, or none was found before the search was given up
     */
    public static function to(Wiring $from, ?string $scheme = null, ?CodeEdition $edition = null): ?self
    {
        $board = self::decided($from->board, $scheme, $edition);
        if ($board === null || (new Chains($board))->controlWithWrongParts() !== null) {
            return null;
        }
        $start = Wiring::of($board, $from->joints, $from->caps, $from->marks, $from->fitted, $from->labels);
        $parts = PartChange::toOwnParts($start);
        $standing = $parts->then;
        $best = null;
        foreach (self::aims(
            $standing,
            $scheme ?? $board->requirements->scheme,
            $edition ?? $board->edition,
        ) as [$arrangement, $target, $distance]) {
            $isNearer = $best === null || Planner::isDisputed($best->plan->result) || $distance <= count($best->moves);
            if (! $isNearer || ($best !== null && TimeLimit::isUp())) {
                break;
            }
            $plan = self::plan($standing, $arrangement, $target, $scheme ?? $board->requirements->scheme, $edition);
            $found = $plan === null ? null : self::between($start, $parts, $plan);
            if ($found !== null && ($best === null || self::rank($found) < self::rank($best))) {
                $best = $found;
            }
        }

        // Never no answer: where none of the nearest targets comes to a plan, the one that the planner prefers does.
        $preferred = $best === null ? Planner::plan($board, $scheme, edition: $edition)->plans[0] ?? null : null;

        return $preferred === null ? $best : self::between($start, $parts, $preferred);
    }

    /** The board with a cable for every run that was still open. */
    private static function decided(Board $board, ?string $scheme, ?CodeEdition $edition): ?Board
    {
        if ($board->undecidedCables() === []) {
            return $board;
        }

        return (Planner::plan($board, $scheme, edition: $edition)->plans[0] ?? null)?->wiring->board;
    }

    /** @return list<array{Arrangement, Target, int}> the nearest first */
    private static function aims(Wiring $standing, string $scheme, CodeEdition $edition): array
    {
        $board = $standing->board;
        $graph = new RunGraph($board);
        $palette = new Palette($board);
        $view = new StandingWiring($standing);
        $isSmall = count($board->devicesOf(DeviceKind::Switch)) <= self::SMALL;
        $ties = TiedSwitches::between($standing);
        $aims = [];
        foreach ((new Chains($board))->linkings($scheme) as $linked) {
            foreach ((new Search($board, $graph, $edition, all: $isSmall, ties: $ties))->arrangements($linked) as $arrangement) {
                foreach ($aims !== [] && TimeLimit::isUp() ? [] : self::waysOf($graph, $palette, $arrangement) as $ways) {
                    [$target, $distance] = NearestTarget::at($view, $board, $arrangement, $ways, thorough: true);
                    $aims[] = [$arrangement, $target, $distance];
                }
            }
        }
        usort($aims, fn (array $one, array $other) => $one[2] <=> $other[2]);

        return array_slice($aims, 0, self::MOST_FOLLOWED);
    }

    /**
     * The ways that the colours allow, without and with a return on a white.
     *
     * @return list<list<RunWays>>
     */
    private static function waysOf(RunGraph $graph, Palette $palette, Arrangement $arrangement): array
    {
        $plain = $all = [];
        foreach ($graph->runs as $i => $run) {
            $ways = $palette->everyWay($run, $arrangement->through($i));
            $usual = array_values(array_filter($ways, fn (array $way) => $way[0] < Palette::RETURN_ON_WHITE));
            $plain[] = array_column($usual, 1);
            $all[] = array_column($ways, 1);
        }
        $sets = in_array([], $plain, true) ? [$all] : ($plain === $all ? [$plain] : [$plain, $all]);
        $sets = array_filter($sets, fn (array $set) => ! in_array([], $set, true));

        return array_values(array_map(fn (array $set) => array_map(RunWays::of(...), $graph->runs, $set), $sets));
    }

    private static function plan(Wiring $standing, Arrangement $arrangement, Target $target, string $scheme, ?CodeEdition $edition): ?Plan
    {
        $strands = array_map(fn (Strand $strand) => $strand->withPoints(array_keys(array_filter(
            $target->strandOf,
            fn (?string $key, string $point) => $key === $strand->key && $standing->points[$point]->core === null,
            ARRAY_FILTER_USE_BOTH,
        ))), $arrangement->strands);
        $cores = [];
        foreach ($target->strandOf as $point => $key) {
            $core = $standing->points[$point]->core;
            if ($core !== null && $key !== null && $key !== Target::EARTH) {
                $cores[$core->id()] = $key;
            }
        }
        $fresh = Assembler::assemble($standing->board, $strands, $cores);
        foreach ([self::keeping($fresh, $standing), $fresh] as $wiring) {
            $result = Checker::check($wiring, $edition);
            if (Planner::isAcceptable($result) && in_array($scheme, [Requirements::ANY_SCHEME, $result->scheme()?->value], true)) {
                return HarmlessExtras::kept(new Plan($wiring, $result, $arrangement->chains, 0), $standing, $scheme, $edition);
            }
        }

        return null;
    }

    /** With the joints as they stand where they hold the same points. */
    private static function keeping(Wiring $fresh, Wiring $standing): Wiring
    {
        $joints = array_map(fn (Joint $joint) => self::sameIn($standing, $joint) ?? $joint, $fresh->joints);

        return Wiring::of($fresh->board, $joints, $fresh->caps, $fresh->marks, $fresh->fitted, $standing->labels);
    }

    private static function sameIn(Wiring $standing, Joint $joint): ?Joint
    {
        $there = $standing->jointAt($joint->points[0]);

        return $there !== null && count($there->points) === count($joint->points) && array_diff($there->points, $joint->points) === []
            ? $there
            : null;
    }

    private static function between(Wiring $start, PartChange $parts, Plan $plan): self
    {
        $wiring = $plan->wiring;
        $standing = $parts->then;
        $strandOf = array_map(fn () => null, $wiring->points);
        foreach ($wiring->joints as $i => $joint) {
            $strandOf = [...$strandOf, ...array_fill_keys($joint->points, "joint $i")];
        }
        $moves = MovesToTarget::towards($standing, new Target($strandOf));
        foreach ($wiring->caps as $end) {
            if ($standing->isLoose($end) && ($wiring->board->requirements->earths || ! StandingWiring::isEarth($wiring->points[$end]))) {
                $moves[] = Move::of($end, Move::LOOSE, Move::CAP);
            }
        }
        foreach (array_diff_assoc(self::marks($wiring), self::marks($standing)) as $end => $as) {
            $moves[] = Move::mark($end, MarkedAs::from($as));
        }
        $moves = MovesInTurn::said($start, $parts->followedBy($moves));
        $unmarked = array_map(strval(...), array_keys(array_diff_key($standing->marks, $wiring->marks)));
        $kept = array_keys(array_filter($wiring->joints, fn (Joint $joint) => self::sameIn($standing, $joint) !== null));

        return new self($start, $plan, $moves, $unmarked, $kept);
    }

    /** @return array<string, string> */
    private static function marks(Wiring $wiring): array
    {
        return array_map(fn (MarkedAs $as) => $as->value, $wiring->marks);
    }

    /** @return array{int, int, int} */
    private static function rank(self $found): array
    {
        return [Planner::isDisputed($found->plan->result) ? 1 : 0, count($found->moves) + count($found->unmarked), -count($found->kept)];
    }

    /** @return list<Move> the marks that come off among them */
    public function allMoves(): array
    {
        return [...$this->moves, ...array_map(Move::unmark(...), $this->unmarked)];
    }

    /** @return list<string> points that leave the joint they are in */
    public function comesOff(): array
    {
        return array_values(array_unique(array_map(
            fn (Move $move) => (string) $move->point,
            array_filter($this->moves, fn (Move $move) => $move->from !== null && $move->from !== Move::CAP && $move->from !== Move::LOOSE),
        )));
    }

    /** @return list<string> points that come into a joint */
    public function goesOn(): array
    {
        return array_values(array_unique(array_map(
            fn (Move $move) => (string) $move->point,
            array_filter($this->moves, fn (Move $move) => $move->to !== null && $move->to !== Move::CAP),
        )));
    }
}
