<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\NeutralRule;
use Zwindle\Circuit\Scheme\Role;

/**
 * Finds the arrangements that the runs can hold, a tree of runs at a time: what flows in a tree flows back in it, so that
 * no cable is out of balance. Only where no tree holds any are strands let take different ways round.
 *
 * A chain is followed switch by switch and given up as soon as a run is short of cores.
 */
final class Search
{
    /** Steps after which the search is given up, and "impossible" not said. */
    private const MOST_STEPS = 25_000;

    /** Arrangements that are kept for each tree and each pair of ends, among which the best is looked for. */
    private const MOST_ALIKE = 4;

    private const MOST_FOUND = 160;

    public bool $isFinished = true;

    private readonly Palette $palette;

    private readonly Chains $chains;

    private int $steps = 0;

    /** @var list<Arrangement> */
    private array $found = [];

    /**
     * @var array<string, array{int, bool}> run → cores asked of it, and whether it has none for the neutral,
     *     in the arrangement that comes nearest
     */
    private array $least = [];

    private ?int $leastSum = null;

    /** @var array<string, list<list<int>>> what is to be one → its ways */
    private array $ways = [];

    /**
     * @param  array<string, array<string, int>>  $ties  switch → switch → how much they are tied already: of chains alike these come
     *     first
     */
    public function __construct(
        private readonly Board $board,
        private readonly RunGraph $graph,
        private readonly CodeEdition $edition,
        private readonly bool $all = false,
        private readonly array $ties = [],
    ) {
        $this->palette = new Palette($board);
        $this->chains = new Chains($board);
        $this->isFinished = $graph->hasAllTrees;
    }

    /**
     * @param  bool  $linked  by common-link, where a control has two switches
     * @return list<Arrangement>
     */
    public function arrangements(bool $linked): array
    {
        foreach ($this->graph->trees as $tree) {
            if (TimeLimit::isUp()) {
                break;
            }
            foreach ($this->neutralPlacesIn($tree) as $neutralAt) {
                $this->control(0, [], $tree, $linked, $neutralAt);
            }
        }
        if ($this->found === [] && count($this->graph->trees) > 1 && ! TimeLimit::isUp()) {
            $this->byDifferentWays($linked);
        }
        if ($this->steps > self::MOST_STEPS || TimeLimit::isUp()) {
            $this->isFinished = false;
        }

        return $this->found;
    }

    /** One step more: whether it is one too many, or time is up. */
    private function isGivenUp(): bool
    {
        return $this->steps++ > self::MOST_STEPS || TimeLimit::isUp();
    }

    /** Whether as many were found as are kept: there may be more. */
    public function hasFoundMost(): bool
    {
        return count($this->found) >= self::MOST_FOUND;
    }

    /**
     * @return array<string, array{int, bool}> cable → the cores that the nearest arrangement asks of it,
     *     and whether it has none for the neutral
     */
    public function shortRuns(): array
    {
        return $this->least;
    }

    /**
     * The same, leaving out what the neutral comes by on its way to the lamps anyway.
     *
     * @return list<list<string>>
     */
    private function neutralPlacesIn(Tree $tree): array
    {
        $strands = Strands::of($this->board, [], []);
        $lamps = array_map(
            fn (Device $lamp) => $lamp->enclosure,
            array_filter($this->board->devicesOf(DeviceKind::Lamp), $this->isControlled(...)),
        );
        $passed = [];
        foreach ($tree->joining([...$strands[1]->enclosures, ...$lamps]) as $run) {
            $passed[$this->graph->runs[$run]->from] = $passed[$this->graph->runs[$run]->to] = true;
        }
        $places = array_map(
            fn (array $boxes) => array_values(array_filter($boxes, fn (string $box) => ! isset($passed[$box]))),
            $this->neutralPlaces(),
        );
        usort($places, fn (array $one, array $other) => count($one) <=> count($other));

        return $this->all
            ? array_values(array_unique($places, SORT_REGULAR))
            : array_slice($places, 0, count($places[0]) === 0 ? 1 : count($places));
    }

    private function isControlled(Device $lamp): bool
    {
        return array_filter($this->board->controls, fn ($control) => in_array($lamp->id, $control->lamps, true)) !== [];
    }

    /**
     * The enclosures that must have a neutral in them, in every way that the edition and the board leave open.
     *
     * @return list<list<string>>
     */
    private function neutralPlaces(): array
    {
        $besides = $this->board->requirements->neutralIn;

        return array_map(fn (array $places) => array_values(array_unique([...$places, ...$besides])), $this->neutralPlacesByRule());
    }

    /** @return list<list<string>> */
    private function neutralPlacesByRule(): array
    {
        $asked = $this->board->requirements->neutralAtSwitches;
        $boxes = array_values(array_unique(array_map(
            fn (Device $switch) => $switch->enclosure,
            $this->board->devicesOf(DeviceKind::Switch),
        )));
        $cabled = array_values(array_filter(
            $boxes,
            fn (string $box) => array_filter($this->board->cablesIn($box), fn (Cable $cable) => ! $cable->type->isSingle) !== [],
        ));
        if ($asked === Requirements::NEUTRAL_IN_EVERY_BOX) {
            return [$boxes];
        }
        if ($asked !== Requirements::NEUTRAL_BY_CODE || $this->edition->neutralAtSwitches === NeutralRule::None) {
            return [[]];
        }
        if ($this->edition->neutralAtSwitches === NeutralRule::EveryBox) {
            return [$cabled];
        }
        $ways = [[]];
        $isAlone = fn (Control $control) => count($control->switches) === 1;
        $asking = $this->edition->neutralAtSwitches === NeutralRule::NoneForSeveral
            ? array_filter($this->board->controls, $isAlone)
            : $this->board->controls;
        foreach ($asking as $control) {
            $own = array_values(array_unique(array_map(
                fn (string $switch) => $this->board->devices[$switch]->enclosure,
                $control->switches,
            )));
            $choices = array_diff($own, $cabled) !== [] ? [null] : $own;
            $more = [];
            foreach ($ways as $way) {
                foreach ($choices as $box) {
                    $more[] = $box === null || in_array($box, $way, true) ? $way : [...$way, $box];
                }
            }
            $ways = array_slice(array_values(array_unique($more, SORT_REGULAR)), 0, 64);
        }

        return $ways;
    }

    /**
     * @param  list<Chain>  $made
     * @param  list<string>  $neutralAt
     */
    private function control(int $control, array $made, Tree $tree, bool $linked, array $neutralAt): void
    {
        if ($this->hasFoundMost() || $this->isGivenUp()) {
            return;
        }
        if ($control === count($this->board->controls)) {
            $this->keep($made, $tree, $neutralAt);

            return;
        }
        foreach ($this->chains->endsOf($control) as $i => [$first, $last]) {
            $middles = $this->chains->middlesOf($control);
            if ($linked && $first !== $last) {
                if ($i === 0) {
                    $this->linked($control, $first, $middles, $last, $made, $tree, $neutralAt);
                }

                continue;
            }
            $before = count($this->found);
            $others = $this->loadsBeside($made, new Chain($control, $first === $last ? [$first] : [$first, $last]), $tree, $neutralAt);
            foreach ($this->orders([$first], $middles, $last, $tree, $others) as $order) {
                $this->control($control + 1, [...$made, new Chain($control, $order)], $tree, $linked, $neutralAt);
                if (
                    $this->hasFoundMost()
                    || (! $this->all && count($this->found) - $before >= self::MOST_ALIKE)
                    || $this->steps > self::MOST_STEPS
                ) {
                    break;
                }
            }
        }
    }

    /**
     * Every order of a linked control with its pair of line and switched line in every gap; turned round it is the same.
     *
     * @param  list<string>  $middles
     * @param  list<Chain>  $made
     * @param  list<string>  $neutralAt
     */
    private function linked(int $control, string $first, array $middles, string $last, array $made, Tree $tree, array $neutralAt): void
    {
        $before = count($this->found);
        $others = $this->loadsBeside($made, new Chain($control, [$first, $last], linkedAt: 0), $tree, $neutralAt);
        foreach ($this->orders([$first], $middles, $last, $tree, $others) as $order) {
            for ($gap = 0; $gap < count($order) - 1; $gap++) {
                $this->control($control + 1, [...$made, new Chain($control, $order, $gap)], $tree, true, $neutralAt);
            }
            if (
                $this->hasFoundMost()
                || (! $this->all && count($this->found) - $before >= self::MOST_ALIKE)
                || $this->steps > self::MOST_STEPS
            ) {
                break;
            }
        }
    }

    /**
     * The switch that is tied already next, else the nearest; given up where what is left of the chain cannot be held by some run.
     *
     * @param  non-empty-list<string>  $order
     * @param  list<string>  $middles
     * @param  array<int, array{int, bool}>  $loads  strands on the line side that have taken each run so far, and whether the neutral has
     * @return iterable<list<string>>
     */
    private function orders(array $order, array $middles, string $last, Tree $tree, array $loads): iterable
    {
        $here = $this->boxOf($order[count($order) - 1]);
        if ($this->isGivenUp() || ! $this->restFits($here, $middles, $last, $tree, $loads)) {
            return;
        }
        if ($middles === []) {
            yield $order[0] === $last ? $order : [...$order, $last];

            return;
        }
        $ties = $this->ties[$order[count($order) - 1]] ?? [];
        usort(
            $middles,
            fn (string $one, string $other) => [-($ties[$one] ?? 0), count($tree->path($here, $this->boxOf($one)))] <=> [
                -($ties[$other] ?? 0),
                count($tree->path($here, $this->boxOf($other))),
            ],
        );
        foreach ($middles as $i => $next) {
            $rest = $middles;
            unset($rest[$i]);
            $taken = $loads;
            foreach ($tree->path($here, $this->boxOf($next)) as $run) {
                $taken[$run] = [($taken[$run][0] ?? 0) + 2, $taken[$run][1] ?? false];
            }
            yield from $this->orders([...$order, $next], array_values($rest), $last, $tree, $taken);
        }
    }

    /**
     * What takes the runs besides the travellers of a chain: line, switched line and neutral, and the chains made before. Of a linked
     * chain line and switched line are one of its pairs, and are not counted twice.
     *
     * @param  list<Chain>  $made
     * @param  list<string>  $neutralAt
     * @return array<int, array{int, bool}>
     */
    private function loadsBeside(array $made, Chain $chain, Tree $tree, array $neutralAt): array
    {
        $loads = [];
        foreach (Strands::of($this->board, [...$made, $chain], $neutralAt) as $strand) {
            $isOwnPair = str_starts_with($strand->key, "traveller $chain->control ")
                || ($chain->linkedAt !== null && in_array($strand->key, ['line', "switched $chain->control"], true));
            foreach ($isOwnPair ? [] : $tree->joining($strand->enclosures) as $run) {
                $isNeutral = $strand->role === Role::Neutral;
                $loads[$run] = [($loads[$run][0] ?? 0) + ($isNeutral ? 0 : 1), ($loads[$run][1] ?? false) || $isNeutral];
            }
        }

        return $loads;
    }

    /**
     * @param  list<string>  $middles
     * @param  array<int, array{int, bool}>  $loads
     */
    private function restFits(string $here, array $middles, string $last, Tree $tree, array $loads): bool
    {
        foreach ($tree->leastCrossings($here, array_map($this->boxOf(...), $middles), $this->boxOf($last)) as $run => $crossings) {
            $loads[$run] = [($loads[$run][0] ?? 0) + 2 * $crossings, $loads[$run][1] ?? false];
        }
        foreach ($loads as $run => [$onLineSide, $hasNeutral]) {
            if (! $this->palette->holds($this->graph->runs[$run], $onLineSide, $hasNeutral)) {
                $this->noteShortage($loads);

                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Chain>  $chains
     * @param  list<string>  $neutralAt
     */
    private function keep(array $chains, Tree $tree, array $neutralAt): void
    {
        $strands = Strands::of($this->board, $chains, $neutralAt);
        $routes = [];
        foreach ($strands as $strand) {
            $routes[$strand->key] = $tree->joining($strand->enclosures);
        }
        $arrangement = new Arrangement($chains, $strands, $routes);
        $loads = [];
        $fits = true;
        foreach (array_keys($this->graph->runs) as $run) {
            $through = $arrangement->through($run);
            $hasNeutral = array_filter($through, fn (Strand $strand) => $strand->role === Role::Neutral) !== [];
            $loads[$run] = [count($through) - ($hasNeutral ? 1 : 0), $hasNeutral];
            $fits = $this->palette->holds($this->graph->runs[$run], ...$loads[$run]) && $fits;
        }
        if ($fits) {
            $this->found[] = $arrangement;
        } else {
            $this->noteShortage($loads);
        }
    }

    /** @param  array<int, array{int, bool}>  $loads */
    private function noteShortage(array $loads): void
    {
        $needs = [];
        $sum = 0;
        foreach ($loads as $run => [$onLineSide, $hasNeutral]) {
            if ($this->palette->holds($this->graph->runs[$run], $onLineSide, $hasNeutral)) {
                continue;
            }
            $load = $onLineSide + ($hasNeutral ? 1 : 0);
            $short = max(0, $load - $this->graph->runs[$run]->mostCores());
            $needs[$this->graph->runs[$run]->id()] = [$load, $short === 0];
            $sum += max(1, $short);
        }
        if ($needs !== [] && ($this->leastSum === null || $sum < $this->leastSum)) {
            $this->leastSum = $sum;
            $this->least = $needs;
        }
    }

    /** Each strand by any way that some tree has for it: what such a plan earns is the remark that a return goes another way. */
    private function byDifferentWays(bool $linked): void
    {
        $whole = range(0, count($this->graph->runs) - 1);
        foreach ($this->neutralPlaces() as $neutralAt) {
            foreach ($this->everyOrder(0, [], $linked) as $chains) {
                $strands = Strands::of($this->board, $chains, $neutralAt);
                $this->route($chains, $strands, [], array_fill_keys($whole, 0), []);
                if ($this->found !== [] || $this->steps > self::MOST_STEPS) {
                    return;
                }
            }
        }
    }

    /**
     * @param  list<Chain>  $made
     * @return iterable<list<Chain>>
     */
    private function everyOrder(int $control, array $made, bool $linked): iterable
    {
        if ($control === count($this->board->controls)) {
            yield $made;

            return;
        }
        foreach ($this->chains->endsOf($control) as [$first, $last]) {
            $middles = $this->chains->middlesOf($control);
            foreach (self::permutations($first, $middles, $last) as $order) {
                foreach ($linked && $first !== $last ? range(0, count($order) - 2) : [null] as $gap) {
                    yield from $this->everyOrder($control + 1, [...$made, new Chain($control, $order, $gap)], $linked);
                }
            }
        }
    }

    /**
     * @param  list<string>  $middles
     * @return iterable<list<string>>
     */
    private static function permutations(string $first, array $middles, string $last): iterable
    {
        if ($middles === []) {
            yield $first === $last ? [$first] : [$first, $last];

            return;
        }
        foreach ($middles as $i => $next) {
            $rest = $middles;
            unset($rest[$i]);
            foreach (self::permutations($next, array_values($rest), $last) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param  list<Chain>  $chains
     * @param  list<Strand>  $strands
     * @param  array<string, list<int>>  $routes
     * @param  array<int, int>  $loads
     * @param  array<int, true>  $neutral  runs that the neutral takes
     */
    private function route(array $chains, array $strands, array $routes, array $loads, array $neutral): void
    {
        if ($this->found !== []) {
            return;
        }
        $strand = $strands[count($routes)] ?? null;
        if ($strand === null) {
            $this->found[] = new Arrangement($chains, $strands, $routes);

            return;
        }
        foreach ($this->waysOf($strand) as $way) {
            if ($this->isGivenUp()) {
                return;
            }
            $more = $loads;
            $isNeutral = $strand->role === Role::Neutral;
            foreach ($way as $run) {
                $more[$run] += $isNeutral ? 0 : 1;
            }
            $taken = $isNeutral ? array_fill_keys($way, true) : $neutral;
            $fits = array_filter(
                $way,
                fn (int $run) => ! $this->palette->holds($this->graph->runs[$run], $more[$run], isset($taken[$run])),
            ) === [];
            if ($fits) {
                $this->route($chains, $strands, [...$routes, $strand->key => $way], $more, $taken);
            }
        }
    }

    /** @return list<list<int>> every way that some tree has for it, the shortest first */
    private function waysOf(Strand $strand): array
    {
        return $this->ways[implode(' ', $strand->enclosures)] ??= $this->differentWays($strand);
    }

    /** @return list<list<int>> */
    private function differentWays(Strand $strand): array
    {
        $ways = [];
        foreach ($this->graph->trees as $tree) {
            $way = $tree->joining($strand->enclosures);
            sort($way);
            $ways[implode(' ', $way)] = $way;
        }
        usort($ways, fn (array $one, array $other) => count($one) <=> count($other));

        return $ways;
    }

    private function boxOf(string $switch): string
    {
        return $this->board->devices[$switch]->enclosure;
    }
}
