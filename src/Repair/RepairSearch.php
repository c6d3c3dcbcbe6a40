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
 * needed, and every repair is checked before it is told.
 */
final class RepairSearch
{
    public const MOST_REPAIRS = 10;

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

    private function __construct(private readonly Wiring $wiring, private int $checksLeft)
    {
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
            return new SmallestRepairs([], null);
        }
        $weight = $result->evidence->table->count() * (1 + intdiv(count($result->evidence->board->cables), self::CABLES));
        $repairs = new self($result->evidence->wiring, max(self::LEAST_CHECKS, intdiv(self::MOST_STATES, $weight)));
        foreach (PartChange::every($repairs->wiring) as $parts) {
            TimeLimit::isUp() ? null : $repairs->search($parts);
        }
        $repairs->reverse();
        $found = $repairs->repairs();
        $reason = match (true) {
            $found !== [] => null,
            $repairs->checksLeft <= 0 || TimeLimit::isUp() => NoRepair::NotFinished,
            default => $repairs->hasTargets ? NoRepair::NoneFound : NoRepair::NoTarget,
        };

        return new SmallestRepairs(array_slice($found, 0, self::MOST_REPAIRS), $reason);
    }

    /**
     * An exchange made again takes it back: of equally small repairs these are told first. On a large board only where there
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

    /**
     * The smallest: those first that leave no lead or flex reversed, then those that undo usual mistakes, one rather than two, in
     * fewer boxes, colour with colour. None is told that reverses one itself where another does not.
     *
     * @return list<Repair>
     */
    private function repairs(): array
    {
        $smallest = array_values(array_filter($this->found, fn (array $moves) => count($moves) === $this->fewest));
        $before = ReversedLamps::in($this->wiring);
        $remedies = [];
        foreach (array_slice($smallest, -self::MOST_NAMED) as $moves) {
            $after = Mover::make($this->wiring, $moves);
            $reversed = ReversedLamps::in($after);
            $remedy = new Repair($moves, Causes::of($after, $this->wiring));
            $boxes = count(array_unique(array_map($this->boxOf(...), $moves)));
            $remedies[] = [
                'makes' => count(array_diff($reversed, $before)),
                'rank' => [count($reversed), self::rank($remedy), $boxes, Naturalness::mixedColours($after)],
                'remedy' => $remedy,
            ];
        }
        $fewestMade = min([PHP_INT_MAX, ...array_column($remedies, 'makes')]);
        $remedies = array_values(array_filter($remedies, fn (array $one) => $one['makes'] === $fewestMade));
        usort($remedies, fn (array $one, array $other) => $one['rank'] <=> $other['rank']);

        return array_column($remedies, 'remedy');
    }

    private static function rank(Repair $remedy): int
    {
        return $remedy->undoes === [] ? PHP_INT_MAX : count($remedy->undoes);
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
        $mayTurnFlex = ReversedLamps::in($wiring) !== [];
        $aims = [];
        foreach ($this->arrangements($board, $graph) as $arrangement) {
            $ways = NetVotes::waysOf($standing, $board, $graph, $arrangement);
            [$target, $distance] = NearestTarget::at($standing, $board, $arrangement, $ways, thorough: false, mayTurnFlex: $mayTurnFlex);
            $aims[] = ['distance' => $distance, 'target' => $target, 'arrangement' => $arrangement];
        }
        $this->hasTargets = $this->hasTargets || $aims !== [];
        usort($aims, fn (array $one, array $other) => $one['distance'] <=> $other['distance']);
        foreach (array_slice($aims, 0, self::MOST_THOROUGH) as $i => ['arrangement' => $arrangement]) {
            $ways = NetVotes::waysOf($standing, $board, $graph, $arrangement);
            [$target, $distance] = NearestTarget::at($standing, $board, $arrangement, $ways, thorough: true, mayTurnFlex: $mayTurnFlex);
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
        $keys = array_map(fn (Move $move) => $move->key(), $moves);
        sort($keys);
        $this->found[implode('; ', $keys)] ??= $moves;
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
            foreach ($finding->code === FindingCode::LiveEndExposed ? $finding->at : [] as $end) {
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

        return $made !== null && ! Checker::fails($made);
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
