<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;

/**
 * Cables in whose insulated cores the load currents do not add up to zero in some state.
 *
 * What flows into a part of the board flows out of it, so only two kinds of cable can be out of balance: one that has
 * another run beside it, and one whose earth carries current. Only these are followed, state by state.
 */
final readonly class CableBalance
{
    /** Currents are in lamps; a division by lengths is rounded in the sixteenth digit. */
    private const NOTHING = 1e-9;

    private Board $board;

    public function __construct(private Survey $survey)
    {
        $this->board = $survey->circuit->wiring->board;
    }

    /** @return list<string> ids of cables; singles are never judged, whose route is the conduit's */
    public function unbalanced(): array
    {
        $suspects = array_filter(
            $this->board->cables,
            fn (Cable $cable) => ! $cable->type->isSingle
                && $cable->beyond === null
                && ($this->hasRunBeside($cable) || $this->mayEarthCarry($cable)),
        );
        $flow = $suspects === [] ? null : new NetFlow($this->survey->circuit);
        $unbalanced = [];
        while ($flow !== null && $suspects !== []) {
            $state = $this->firstUnbalanced($flow, $suspects);
            $found = $state === null ? [] : array_filter($suspects, fn (Cable $cable) => $this->isUnbalancedIn($flow, $cable, ...$state));
            if ($found === []) {
                break;
            }
            $unbalanced = [...$unbalanced, ...array_keys($found)];
            $suspects = array_diff_key($suspects, $found);
        }

        return array_values(array_intersect(array_keys($this->board->cables), $unbalanced));
    }

    /** Whether its two enclosures hang together without it. */
    private function hasRunBeside(Cable $cable): bool
    {
        $reached = [$cable->from => true];
        $next = [$cable->from];
        while (($here = array_pop($next)) !== null && ! isset($reached[$cable->to])) {
            foreach ($this->board->cablesIn($here) as $other) {
                $there = $other->farFrom($here);
                if ($other->id !== $cable->id && ! isset($reached[$there])) {
                    $reached[$there] = true;
                    $next[] = $there;
                }
            }
        }

        return isset($reached[$cable->to]);
    }

    /** Whether an earth of it is joined to anything but earthing points. */
    private function mayEarthCarry(Cable $cable): bool
    {
        $nets = $this->survey->circuit->nets;
        foreach ($cable->cores as $core) {
            foreach ($core->colour->isEarths() ? $nets->points[$nets->at($core->ends()[0])] : [] as $id) {
                $point = $this->survey->circuit->wiring->points[$id];
                if ($point->terminal !== null && ! $point->isEarthing()) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * All cables at once: each counts with a weight of its own, so that a sum of zero is a balance of every one.
     *
     * @param  array<string, Cable>  $cables
     * @return array{int, array<int, float>}|null state and lamp currents
     */
    private function firstUnbalanced(NetFlow $flow, array $cables): ?array
    {
        $weights = [];
        foreach (array_values($cables) as $i => $cable) {
            $weights += self::weights($cable, sqrt($i + 2) + 1 / ($i + 3));
        }
        $ways = new LoadCurrents($this->survey->circuit, $flow, $weights);
        foreach ($this->survey->lampCurrents() as $state => $currents) {
            if (abs($ways->count($state, $currents)) > self::NOTHING) {
                return [$state, $currents];
            }
        }

        return null;
    }

    /** @param  array<int, float>  $lampCurrents */
    private function isUnbalancedIn(NetFlow $flow, Cable $cable, int $state, array $lampCurrents): bool
    {
        $ways = new LoadCurrents($this->survey->circuit, $flow, self::weights($cable, 1.0));

        return abs($ways->count($state, $lampCurrents)) > self::NOTHING;
    }

    /** @return array<string, float> each insulated core of a cable, counting alike */
    private static function weights(Cable $cable, float $weight): array
    {
        $weights = [];
        foreach ($cable->cores as $core) {
            if (! $core->colour->isEarths()) {
                $weights[$core->id()] = $weight;
            }
        }

        return $weights;
    }
}
