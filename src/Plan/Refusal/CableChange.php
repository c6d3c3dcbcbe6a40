<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Search\Run;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Plan\Shortage;

/**
 * The smallest change of cables after which a board can be wired: the fewest runs, and of equally few those with the
 * fewest cores. In a conduit, singles are drawn in beside those that are there.
 *
 * One run at a time, then two, the short ones first; past the limit all short ones at once, and what is
 * short then, which is not proved to be the least. Where no cable in place of another does, a second one beside it may.
 */
final class CableChange
{
    /** Plans that are tried, for each switch on each cable: large boards answer as soon as small ones. */
    private const MOST_WORK = 1200;

    private const LEAST_TRIES = 3;

    private const MOST_AT_ONCE = 2;

    private int $triesLeft;

    private readonly RunGraph $graph;

    private function __construct(private readonly Board $board, private readonly ?string $scheme, private readonly ?CodeEdition $edition)
    {
        $size = max(1, count($board->devicesOf(DeviceKind::Switch)) * count($board->cables));
        $this->triesLeft = max(self::LEAST_TRIES, intdiv(self::MOST_WORK, $size));
        $this->graph = new RunGraph($board);
    }

    /**
     * @param  Planning  $planning  what the planner came to for this board, scheme and edition
     * @return BoardChange none if none was found, or none is needed
     */
    public static function of(Planning $planning, Board $board, ?string $scheme = null, ?CodeEdition $edition = null): BoardChange
    {
        if (! in_array($planning->reason, [NoPlan::ShortOfCores, NoPlan::OtherScheme, NoPlan::NoRightWiring], true)) {
            return new BoardChange;
        }
        $change = new self($board, $scheme, $edition);
        $short = self::shortIn($planning->shortages);
        $runs = $change->runs($short);
        for ($count = 1; $count <= self::MOST_AT_ONCE; $count++) {
            $found = $change->smallest(self::choices($runs, $count));
            if (! $found->isNone()) {
                return $found;
            }
        }
        $found = $change->shortAfterShort($runs, $short);

        return $found->isNone() ? $change->besides($short) : $found;
    }

    /**
     * The runs that are short; the common-link takes a core more everywhere and is looked at only where it is all there is.
     *
     * @param  list<Shortage>  $shortages
     * @return list<string>
     */
    private static function shortIn(array $shortages): array
    {
        $plain = array_filter($shortages, fn (Shortage $shortage) => $shortage->scheme !== SchemeName::CommonLink->value);

        return array_values(array_unique(array_map(fn (Shortage $shortage) => $shortage->cable, $plain ?: $shortages)));
    }

    /**
     * All short ones at once, and then what is short with these open.
     *
     * @param  list<Run>  $runs
     * @param  list<string>  $short
     */
    private function shortAfterShort(array $runs, array $short): BoardChange
    {
        $open = [];
        while (array_diff($short, $open) !== [] && ! TimeLimit::isUp()) {
            $open = array_values(array_unique([...$open, ...$short]));
            $choice = array_values(array_filter($runs, fn (Run $run) => in_array($run->id(), $open, true)));
            $found = $this->changeOf($choice);
            if (! $found->isNone()) {
                return $found;
            }
            $undecided = array_fill_keys(
                array_map(fn (Run $run) => $run->id(), array_filter($choice, fn (Run $run) => ! $run->cables[0]->type->isSingle)),
                CableType::undecided(),
            );
            $planning = Planner::plan($this->board->withCables($undecided), $this->scheme, edition: $this->edition);
            $short = self::shortIn($planning->shortages);
        }

        return new BoardChange;
    }

    /**
     * A second cable beside one that is short, where no single cable has what is needed: a British three-core has no neutral.
     *
     * @param  list<string>  $short
     */
    private function besides(array $short): BoardChange
    {
        $cables = array_values(array_filter($short, fn (string $id) => ! $this->board->cables[$id]->type->isSingle));
        $choices = array_map(fn (string $id) => [$id], array_slice($cables, 0, self::LEAST_TRIES));
        foreach (count($cables) > 1 ? [...$choices, $cables] : $choices as $choice) {
            $seconds = array_map(
                fn (string $id) => new Cable(
                    "$id+",
                    CableType::undecided(),
                    $this->board->cables[$id]->from,
                    $this->board->cables[$id]->to,
                ),
                $choice,
            );
            $plan = TimeLimit::isUp() ? null : $this->planWith($this->board, $seconds);
            if ($plan !== null) {
                return new BoardChange(beside: array_combine(
                    $choice,
                    array_map(fn (Cable $second) => $plan->wiring->board->cables[$second->id]->type, $seconds),
                ));
            }
        }

        return new BoardChange;
    }

    /**
     * @param  list<string>  $short
     * @return list<Run> what can be changed, the short ones first
     */
    private function runs(array $short): array
    {
        $settled = array_values(array_filter($this->graph->runs, fn (Run $run) => ! $run->isUndecided()));
        usort(
            $settled,
            fn (Run $one, Run $other) => (int) in_array($other->id(), $short, true) <=> (int) in_array($one->id(), $short, true),
        );

        return $settled;
    }

    /** @param  list<list<Run>>  $choices */
    private function smallest(array $choices): BoardChange
    {
        $best = new BoardChange;
        foreach ($choices as $choice) {
            $change = $this->triesLeft-- > 0 && ! TimeLimit::isUp() ? $this->changeOf($choice) : new BoardChange;
            if (! $change->isNone() && ($best->isNone() || $change->cores() < $best->cores())) {
                $best = $change;
            }
        }

        return $best;
    }

    /**
     * What the planner makes of a board with some runs left open.
     *
     * @param  list<Run>  $choice
     */
    private function changeOf(array $choice): BoardChange
    {
        $open = $singles = [];
        foreach ($choice as $run) {
            if ($run->cables[0]->type->isSingle) {
                $singles[$run->id()] = $this->spareSingles($run);
            } else {
                $open[$run->id()] = CableType::undecided();
            }
        }
        $board = $this->board->withCables($open);
        $plan = $this->planWith($board, array_merge(...array_values($singles), ...[[]]));
        if ($plan === null) {
            return new BoardChange;
        }
        $used = array_map(
            fn (array $spare) => array_values(array_filter($spare, fn (Cable $single) => self::isUsed($plan, $single))),
            $singles,
        );
        $left = $this->needed($board, array_merge(...array_values($used), ...[[]]));

        return new BoardChange(
            array_map(fn (Cable $cable) => $cable->type, array_intersect_key($plan->wiring->board->cables, $open)),
            array_filter(array_map(fn (array $spare) => array_values(array_map(
                fn (Cable $single) => $single->cores['core']->colour,
                array_filter($spare, fn (Cable $single) => in_array($single, $left, true)),
            )), $used)),
        );
    }

    /**
     * Of singles that a plan uses for their colour, those without which there is none.
     *
     * @param  list<Cable>  $singles
     * @return list<Cable>
     */
    private function needed(Board $board, array $singles): array
    {
        // Line conductors first, so that a neutral gets a single of its own colour rather than a sleeved one.
        $isForNeutral = fn (Cable $single) => $single->type->colours?->isNeutrals($single->cores['core']->colour) === true;
        usort($singles, fn (Cable $one, Cable $other) => (int) $isForNeutral($one) <=> (int) $isForNeutral($other));
        foreach ($singles as $single) {
            $fewer = array_values(array_filter($singles, fn (Cable $other) => $other !== $single));
            if ($this->planWith($board, $fewer) !== null) {
                $singles = $fewer;
            }
        }

        return $singles;
    }

    /** @param  list<Cable>  $singles */
    private function planWith(Board $board, array $singles): ?Plan
    {
        return Planner::plan($board->withCablesBeside($singles), $this->scheme, edition: $this->edition)->plans[0] ?? null;
    }

    private static function isUsed(Plan $plan, Cable $single): bool
    {
        return $plan->wiring->jointAt($single->cores['core']->ends()[0]) !== null;
    }

    /** @return list<Cable> */
    private function spareSingles(Run $run): array
    {
        $beside = $run->cables[0];
        $spare = [];
        foreach ($this->board->practice->spareSingles as $i => $colour) {
            $spare[] = new Cable("$beside->id+$i", $beside->type, $run->from, $run->to, $colour);
        }

        return $spare;
    }

    /**
     * @param  list<Run>  $runs
     * @return list<list<Run>>
     */
    private static function choices(array $runs, int $count): array
    {
        if ($count === 0) {
            return [[]];
        }
        $choices = [];
        foreach ($runs as $i => $run) {
            foreach (self::choices(array_slice($runs, $i + 1), $count - 1) as $rest) {
                $choices[] = [$run, ...$rest];
            }
        }

        return $choices;
    }
}
