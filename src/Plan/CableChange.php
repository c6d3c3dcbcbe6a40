<?php

declare(strict_types=1);

namespace Zwindle\Plan;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Catalogue\CableType;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\DeviceKind;

/**
 * The smallest change of cables after which a board can be wired: the fewest cables, and of equally few those with the
 * fewest cores.
 *
 * One cable at a time, then two, the short ones first; past the limit all short ones at once, which is then not proved to be
 * the least.
 */
final class CableChange
{
    /** Plans that are tried, for each switch on each cable: large boards answer as soon as small ones. */
    private const MOST_WORK = 1200;

    private const LEAST_TRIES = 3;

    private const MOST_AT_ONCE = 2;

    private int $triesLeft;

    private function __construct(private readonly Board $board, private readonly ?string $scheme, private readonly ?CodeEdition $edition)
    {
        $size = max(1, count($board->devicesOf(DeviceKind::Switch)) * count($board->cables));
        $this->triesLeft = max(self::LEAST_TRIES, intdiv(self::MOST_WORK, $size));
    }

    /**
     * @param  Planning  $planning  what the planner came to for this board, scheme and edition
     * @return array<string, CableType> cable → the type that would do; empty if none was found, or none is needed
     */
    public static function of(Planning $planning, Board $board, ?string $scheme = null, ?CodeEdition $edition = null): array
    {
        if (! in_array($planning->reason, [NoPlan::ShortOfCores, NoPlan::OtherScheme, NoPlan::NoRightWiring], true)) {
            return [];
        }
        $change = new self($board, $scheme, $edition);
        $short = array_values(array_unique(array_map(fn (Shortage $shortage) => $shortage->cable, $planning->shortages)));
        $cables = $change->cables($short);
        for ($count = 1; $count <= self::MOST_AT_ONCE; $count++) {
            $found = $change->cheapest(self::choices($cables, $count));
            if ($found !== []) {
                return $found;
            }
        }
        $change->triesLeft = 1;

        return $change->cheapest([array_values(array_intersect($short, $cables))]);
    }

    /**
     * @param  list<string>  $short
     * @return list<string> what can be changed, the short ones first
     */
    private function cables(array $short): array
    {
        $settled = array_filter($this->board->cables, fn (Cable $cable) => ! $cable->type->isSingle && ! $cable->type->isUndecided());
        $ids = array_map(strval(...), array_keys($settled));

        return [...array_intersect($short, $ids), ...array_diff($ids, $short)];
    }

    /**
     * @param  list<list<string>>  $choices
     * @return array<string, CableType>
     */
    private function cheapest(array $choices): array
    {
        $best = [];
        $fewest = PHP_INT_MAX;
        foreach ($choices as $choice) {
            $types = $this->triesLeft-- > 0 ? $this->typesWith($choice) : [];
            $cores = array_sum(array_map(fn (CableType $type) => count($type->cores), $types));
            if ($types !== [] && $cores < $fewest) {
                [$best, $fewest] = [$types, $cores];
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $choice  cables left open
     * @return array<string, CableType> the types that the planner gives them
     */
    private function typesWith(array $choice): array
    {
        $open = CableType::all()[CableType::UNDECIDED];
        $plan = Planner::plan($this->board->withCables(array_fill_keys($choice, $open)), $this->scheme, edition: $this->edition)->plans[0] ?? null;

        return $plan === null ? [] : array_map(fn (Cable $cable) => $cable->type, array_intersect_key($plan->wiring->board->cables, array_flip($choice)));
    }

    /**
     * @param  list<string>  $cables
     * @return list<list<string>>
     */
    private static function choices(array $cables, int $count): array
    {
        if ($count === 0) {
            return [[]];
        }
        $choices = [];
        foreach ($cables as $i => $cable) {
            foreach (self::choices(array_slice($cables, $i + 1), $count - 1) as $rest) {
                $choices[] = [$cable, ...$rest];
            }
        }

        return $choices;
    }
}
