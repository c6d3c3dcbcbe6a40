<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;

/**
 * A second evaluation that shares no code with the core: it walks from point to point by name and relaxes voltages until
 * they settle. Slow, plain and independent.
 */
final class PathWalk
{
    /** Contact tables written out again from the contract, not taken from the catalogue. */
    private const CLOSED = [
        'na-switch-1p' => ['up' => ['a-b'], 'down' => []],
        'na-switch-3way' => ['up' => ['common-t1'], 'down' => ['common-t2']],
        'na-switch-4way' => ['up' => ['a1-b1', 'a2-b2'], 'down' => ['a1-b2', 'a2-b1']],
        'na-switch-2p' => ['up' => ['a1-b1', 'a2-b2'], 'down' => []],
        'gb-switch-1way' => ['up' => [], 'down' => ['com-l1']],
        'gb-switch-2way' => ['up' => ['com-l2'], 'down' => ['com-l1']],
        'gb-switch-intermediate' => ['up' => ['a1-b1', 'a2-b2'], 'down' => ['a1-b2', 'a2-b1']],
        'gb-switch-2p' => ['up' => [], 'down' => ['a1-b1', 'a2-b2']],
    ];

    private const LAMPS = [
        'na-lampholder' => ['hot', 'neutral'], 'na-luminaire' => ['hot', 'neutral'], 'gb-pendant' => ['live', 'neutral'],
        'gb-batten-bc' => ['a', 'b'], 'gb-batten-es' => ['centre', 'shell'], 'gb-luminaire' => ['live', 'neutral'],
    ];

    /** @return list<array{lamps: array<string, float>, trip: string|null}> lamps as shares of nominal voltage, by state */
    public static function everyState(Wiring $wiring): array
    {
        $states = [];
        for ($state = 0; $state < 2 ** count(self::switches($wiring)); $state++) {
            $states[] = self::oneState($wiring, self::positions($wiring, $state));
        }

        return $states;
    }

    /** Whether metal leads from one point to another in a state, or with every switch taken out (null). */
    public static function metal(Wiring $wiring, ?int $state, string $from, string $to): bool
    {
        $positions = $state === null ? [] : self::positions($wiring, $state);

        return isset(self::walk($from, self::touching($wiring, $positions))[$to]);
    }

    /** @return list<\Zwindle\Board\Device> */
    private static function switches(Wiring $wiring): array
    {
        return array_values(array_filter($wiring->board->devices, fn ($device) => isset(self::CLOSED[$wiring->modelOf($device)->id])));
    }

    /** @return array<string, string> */
    private static function positions(Wiring $wiring, int $state): array
    {
        $switches = self::switches($wiring);
        $positions = [];
        foreach ($switches as $i => $switch) {
            $positions[$switch->id] = intdiv($state, 2 ** (count($switches) - 1 - $i)) % 2 === 1 ? 'down' : 'up';
        }

        return $positions;
    }

    /**
     * @param  array<string, string>  $positions
     * @return array{lamps: array<string, float>, trip: string|null}
     */
    private static function oneState(Wiring $wiring, array $positions): array
    {
        $touching = self::touching($wiring, $positions);
        $supply = $wiring->board->supply();
        $onLine = self::walk("$supply->id.line", $touching);
        $onNeutral = self::walk("$supply->id.neutral", $touching);
        $onEarth = self::walk("$supply->id.earth", $touching);
        $lamps = [];
        foreach ($wiring->board->devices as $device) {
            $sides = self::LAMPS[$wiring->modelOf($device)->id] ?? null;
            if ($sides !== null) {
                $lamps[$device->id] = ["$device->id.$sides[0]", "$device->id.$sides[1]"];
            }
        }
        $dark = array_map(fn () => 0.0, $lamps);
        if (isset($onLine["$supply->id.neutral"]) || isset($onLine["$supply->id.earth"])) {
            return ['lamps' => $dark, 'trip' => 'breaker'];
        }
        $volts = self::relax($lamps, $touching, $onLine, $onNeutral + $onEarth);
        $drops = array_map(fn (array $sides) => abs($volts[$sides[0]] - $volts[$sides[1]]), $lamps);
        foreach ($lamps as $id => $sides) {
            if ($supply->rcdMa !== null && $drops[$id] > 1e-6 && (isset($onEarth[$sides[0]]) || isset($onEarth[$sides[1]]))) {
                return ['lamps' => $dark, 'trip' => 'rcd'];
            }
        }

        return ['lamps' => $drops, 'trip' => null];
    }

    /**
     * @param  array<string, string>  $positions
     * @return array<string, list<string>>
     */
    private static function touching(Wiring $wiring, array $positions): array
    {
        $touching = [];
        $touch = function (string $one, string $other) use (&$touching): void {
            $touching[$one][] = $other;
            $touching[$other][] = $one;
        };
        foreach ($wiring->joints as $joint) {
            for ($i = 1; $i < count($joint->points); $i++) {
                $touch($joint->points[$i - 1], $joint->points[$i]);
            }
        }
        foreach ($wiring->board->cables as $cable) {
            foreach (array_keys($cable->cores) as $core) {
                $touch("$cable->id.$core@$cable->from", "$cable->id.$core@$cable->to");
            }
        }
        foreach ($positions as $switch => $position) {
            foreach (self::CLOSED[$wiring->modelOf($wiring->board->devices[$switch])->id][$position] as $contact) {
                [$one, $other] = explode('-', $contact);
                $touch("$switch.$one", "$switch.$other");
            }
        }

        return $touching;
    }

    /**
     * @param  array<string, list<string>>  $touching
     * @return array<string, true>
     */
    private static function walk(string $from, array $touching): array
    {
        $seen = [$from => true];
        $next = [$from];
        while ($next !== []) {
            foreach ($touching[array_shift($next)] ?? [] as $point) {
                if (! isset($seen[$point])) {
                    $seen[$point] = true;
                    $next[] = $point;
                }
            }
        }

        return $seen;
    }

    /**
     * Each piece of metal takes the mean of what its lamps lead to, again and again until nothing moves.
     *
     * @param  array<string, array{string, string}>  $lamps
     * @param  array<string, list<string>>  $touching
     * @param  array<string, true>  $onLine
     * @param  array<string, true>  $onReturn
     * @return array<string, float> lamp side → share of nominal voltage
     */
    private static function relax(array $lamps, array $touching, array $onLine, array $onReturn): array
    {
        $pieceOf = [];
        foreach ($lamps as $sides) {
            foreach ($sides as $side) {
                $piece = array_keys(self::walk($side, $touching));
                sort($piece);
                $pieceOf[$side] = $piece[0];
            }
        }
        $volts = [];
        foreach ($pieceOf as $side => $piece) {
            $volts[$piece] = isset($onLine[$side]) ? 1.0 : 0.0;
        }
        $isFixed = fn (string $side) => isset($onLine[$side]) || isset($onReturn[$side]);
        for ($round = 0; $round < 4000; $round++) {
            $moved = 0.0;
            foreach ($pieceOf as $side => $piece) {
                if ($isFixed($side)) {
                    continue;
                }
                $means = [];
                foreach ($lamps as [$one, $other]) {
                    if ($pieceOf[$one] !== $pieceOf[$other] && ($pieceOf[$one] === $piece || $pieceOf[$other] === $piece)) {
                        $means[] = $volts[$pieceOf[$one] === $piece ? $pieceOf[$other] : $pieceOf[$one]];
                    }
                }
                $fresh = $means === [] ? 0.0 : array_sum($means) / count($means);
                $moved = max($moved, abs($fresh - $volts[$piece]));
                $volts[$piece] = $fresh;
            }
            if ($moved < 1e-12) {
                break;
            }
        }

        return array_map(fn (string $piece) => $volts[$piece], $pieceOf);
    }
}
