<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use WeakMap;
use Zwindle\Board\Board;
use Zwindle\Board\Requirements;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Plan\Search\Arrangement;
use Zwindle\Plan\Search\Chains;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Search\Search;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\Move\MovesInTurn;
use Zwindle\Repair\Nearest\MovesToTarget;
use Zwindle\Repair\Nearest\NearestTarget;
use Zwindle\Repair\Nearest\NetVotes;
use Zwindle\Repair\Nearest\StandingWiring;
use Zwindle\Repair\Nearest\TiedSwitches;

/**
 * The fewest moves after which a wiring no longer fails.
 *
 * Every arrangement that the board can hold gives a nearest target; what lies between is cut down to the moves that are
 * needed, and every repair is checked before it is given.
 */
final class RepairSearch
{
    public const MOST_REPAIRS = 10;

    /** Longer ones that end better. */
    private const MOST_LONGER = 2;

    /** Checks that are made for these. */
    private const MOST_BETTER = 150;

    /** Repairs among which those that undo usual mistakes are looked for. */
    private const MOST_NAMED = 24;

    /** States that may be walked in all: with many switches fewer repairs are tried. */
    private const MOST_STATES = 300_000;

    /** So many cables more make a state cost as much again. */
    private const CABLES = 15;

    private const LEAST_CHECKS = 6;

    /** Targets that are followed up, the nearest first. */
    private const MOST_TARGETS = 12;

    /** So much farther may a target be than the shortest repair so far: what is not needed is cut away. */
    private const SLACK = 2;

    /** Targets of which two changes at once are tried. */
    private const MOST_THOROUGH = 2;

    /** Up to so many moves every part of them is tried. */
    private const MOST_CUT = 8;

    /** @var WeakMap<Evidence, SmallestRepairs>|null */
    private static ?WeakMap $known = null;

    /** @var array<string, non-empty-list<Move>> by what they are */
    private array $found = [];

    private int $fewest = PHP_INT_MAX;

    private bool $hasTargets = false;

    /** @var list<string> what is the wrong way round already */
    private readonly array $turned;

    private function __construct(private readonly Wiring $wiring, private int $checksLeft)
    {
        $this->turned = WrongWayRound::in($wiring);
    }

    /** Worked out once for each check: a page asks for it again and again. */
    public static function of(Result $result): SmallestRepairs
    {
        self::$known ??= new WeakMap;

        return self::$known[$result->evidence] ??= self::workedOut($result);
    }

    private static function workedOut(Result $result): SmallestRepairs
    {
        if (! $result->failsByItself()) {
            return new SmallestRepairs([], [], null);
        }
        $weight = $result->evidence->table->count() * (1 + intdiv(count($result->evidence->board->cables), self::CABLES));
        $repairs = new self($result->evidence->wiring, max(self::LEAST_CHECKS, intdiv(self::MOST_STATES, $weight)));
        foreach (PartChange::every($repairs->wiring) as $parts) {
            TimeLimit::isUp() ? null : $repairs->search($parts);
        }
        $repairs->reverse();
        $ranked = RankedRepairs::of($repairs->wiring, $repairs->smallest(), $result->evidence->edition);
        $also = [];
        if ($ranked->bestVerdict() === Verdict::Remarks) {
            [$ranked, $also] = $repairs->withBetter($result, $ranked);
        }
        $found = $ranked->all();
        $reason = match (true) {
            $found !== [] => null,
            $repairs->checksLeft <= 0 || TimeLimit::isUp() => NoRepair::NotFinished,
            default => $repairs->hasTargets ? NoRepair::NoneFound : NoRepair::NoTarget,
        };

        return new SmallestRepairs(array_slice($found, 0, self::MOST_REPAIRS), array_slice($also, 0, self::MOST_LONGER), $reason);
    }

    /**
     * Those as short that end better are among the shortest; the longer ones are given beside them.
     *
     * @return array{RankedRepairs, list<Repair>}
     */
    private function withBetter(Result $result, RankedRepairs $ranked): array
    {
        $shortest = array_map(fn (Repair $repair) => $repair->moves, $ranked->all());
        $edition = $result->evidence->edition;
        $longer = [];
        foreach ($shortest === [] ? [] : BetterRepairs::than($result, $shortest, self::MOST_BETTER) as $moves) {
            $moves = MovesInTurn::said($this->wiring, $moves);
            if (count($moves) === $this->fewest && $moves !== []) {
                $this->keep($moves);
            } elseif ($moves !== []) {
                $longer[count($moves)][self::keyOf($moves)] = $moves;
            }
        }
        $ranked = RankedRepairs::of($this->wiring, $this->smallest(), $edition);
        ksort($longer);
        $also = $ranked->bestVerdict() === Verdict::Pass ? [] : array_map(
            fn (array $alike) => RankedRepairs::of($this->wiring, array_values($alike), $edition)->all(),
            array_values($longer),
        );

        return [$ranked, array_merge(...$also, ...[[]])];
    }

    /**
     * An exchange made again takes it back: of equally small repairs these come first. On a large board only where there
     * is something to do anyway.
     */
    private function reverse(): void
    {
        $isSmall = count($this->wiring->board->cables) <= self::CABLES;
        $boxes = array_flip(array_map($this->boxOf(...), array_merge(...array_values($this->found), ...[[]])));
        foreach ($this->found === [] ? [] : Mistakes::ofHandOn($this->wiring) as $mistake) {
            if (
                $mistake->moves !== []
                && $mistake->kind->isExchange()
                && count($mistake->moves) === $this->fewest
                && ($isSmall || isset($boxes[$this->boxOf($mistake->moves[0])]))
                && $this->putsRight($mistake->moves)
            ) {
                $this->keep($mistake->moves);
            }
        }
    }

    private function boxOf(Move $move): string
    {
        return $this->wiring->points[(string) $move->point]->enclosure
            ?? $this->wiring->board->devices[(string) $move->device]->enclosure
            ?? '';
    }

    /** @return list<non-empty-list<Move>> */
    private function smallest(): array
    {
        $smallest = array_values(array_filter($this->found, fn (array $moves) => count($moves) === $this->fewest));

        return array_slice($smallest, -self::MOST_NAMED);
    }

    private function search(PartChange $parts): void
    {
        $wiring = $parts->then;
        $requirements = new Requirements(Requirements::ANY_SCHEME, 'none', $wiring->board->requirements->earths);
        $board = $wiring->board->with($parts->models, $requirements);
        if ((new Chains($board))->controlWithWrongParts() !== null) {
            return;
        }
        $graph = new RunGraph($board);
        $standing = new StandingWiring($wiring);
        $turned = WrongWayRound::in($wiring);
        $aims = [];
        foreach ($this->arrangements($board, $graph) as $arrangement) {
            $ways = NetVotes::waysOf($standing, $board, $graph, $arrangement);
            [$target, $distance] = NearestTarget::at($standing, $board, $arrangement, $ways, thorough: false, turned: $turned);
            $aims[] = ['distance' => $distance, 'target' => $target, 'arrangement' => $arrangement];
        }
        $this->hasTargets = $this->hasTargets || $aims !== [];
        usort($aims, fn (array $one, array $other) => $one['distance'] <=> $other['distance']);
        foreach (array_slice($aims, 0, self::MOST_THOROUGH) as $i => ['arrangement' => $arrangement]) {
            $ways = NetVotes::waysOf($standing, $board, $graph, $arrangement);
            [$target, $distance] = NearestTarget::at($standing, $board, $arrangement, $ways, thorough: true, turned: $turned);
            $aims[$i] = ['distance' => $distance, 'target' => $target, 'arrangement' => $arrangement];
        }
        foreach (array_slice($aims, 0, self::MOST_TARGETS) as ['target' => $target, 'distance' => $distance]) {
            if ($this->fewest !== PHP_INT_MAX && $distance + count($parts->fits) > $this->fewest + self::SLACK) {
                break;
            }
            $this->follow($parts->followedBy(MovesToTarget::towards($wiring, $target)));
        }
    }

    /** @return list<Arrangement> */
    private function arrangements(Board $board, RunGraph $graph): array
    {
        $arrangements = [];
        $ties = TiedSwitches::between($this->wiring);
        foreach ((new Chains($board))->linkings(Requirements::ANY_SCHEME) as $linked) {
            $arrangements = [...$arrangements, ...(new Search($board, $graph, $board->edition, ties: $ties))->arrangements($linked)];
        }

        return $arrangements;
    }

    /** @param  list<Move>  $moves */
    private function follow(array $moves): void
    {
        $moves = $this->withCaps($moves);
        if ($moves === null || $moves === []) {
            return;
        }
        $this->keep($moves);
        foreach (count($moves) <= self::MOST_CUT ? self::parts($moves) : [$moves] as $part) {
            if (count($part) > $this->fewest) {
                break;
            }
            if ($this->putsRight($part)) {
                $this->keep($part);
            }
        }
    }

    /** @param  non-empty-list<Move>  $moves  that can be made */
    private function keep(array $moves): void
    {
        $moves = MovesInTurn::said($this->wiring, $moves);
        if ($moves === []) {
            return;
        }
        $this->fewest = min($this->fewest, count($moves));
        $this->found[self::keyOf($moves)] ??= $moves;
    }

    /** @param  list<Move>  $moves */
    private static function keyOf(array $moves): string
    {
        $keys = array_map(fn (Move $move) => $move->key(), $moves);
        sort($keys);

        return implode('; ', $keys);
    }

    /**
     * With a cap on every end that would be left live and loose.
     *
     * @param  list<Move>  $moves
     * @return list<Move>|null null if they mend nothing even so
     */
    private function withCaps(array $moves): ?array
    {
        $made = Mover::tryToMake($this->wiring, $moves);
        foreach ($made === null ? [] : Checker::check($made)->findings as $finding) {
            $within = array_filter($finding->at, fn (string $end) => isset($made->points[$end]));
            foreach ($finding->code === FindingCode::LiveEndExposed ? $within : [] as $end) {
                $moves[] = Move::of($end, Move::LOOSE, Move::CAP);
            }
        }

        return $this->putsRight($moves) ? $moves : null;
    }

    /** @param  list<Move>  $moves */
    private function putsRight(array $moves): bool
    {
        if ($this->checksLeft-- <= 0 || TimeLimit::isUp()) {
            return false;
        }

        $made = Mover::tryToMake($this->wiring, $moves);

        // None is given that turns a flex, a lead or the blocks of a rose the wrong way round.
        return $made !== null && ! Checker::fails($made) && array_diff(WrongWayRound::in($made), $this->turned) === [];
    }

    /**
     * Every choice of the moves, in their order, the fewest first.
     *
     * @param  list<Move>  $moves
     * @return iterable<non-empty-list<Move>>
     */
    private static function parts(array $moves): iterable
    {
        $count = count($moves);
        for ($size = 1; $size <= $count; $size++) {
            for ($chosen = 0; $chosen < 1 << $count; $chosen++) {
                $part = array_values(array_filter($moves, fn (int $i) => ($chosen >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
                if ($part !== [] && count($part) === $size) {
                    yield $part;
                }
            }
        }
    }
}
