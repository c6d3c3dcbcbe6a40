<?php

declare(strict_types=1);

namespace Zwindle\Proving\Walk;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Circuit\Net\Circuit;

/**
 * Every way to land the conductors of each switch on its own contacts: 6 on a three-way, 24 on a four-way, 36 on two three-ways.
 *
 * The circuits are made from nets, without a wiring: what lands where changes which nets a contact joins, and nothing else.
 */
final readonly class EveryLanding
{
    /** More are not looked at all together: then one switch at a time is landed otherwise. */
    public const MOST = 2_000;

    public function __construct(private Circuit $right)
    {
    }

    /** @return iterable<array<int, list<int>>> place of a switch → the order of its terminals; every switch in each */
    public function orders(): iterable
    {
        $each = array_map(fn (string $switch) => self::permutations(array_keys($this->nets($switch))), $this->right->switches);
        $all = array_product(array_map(count(...), $each));
        if ($all <= self::MOST) {
            yield from self::product($each);

            return;
        }
        $asItIs = array_map(fn (array $orders) => $orders[0], $each);
        yield $asItIs;
        foreach ($each as $place => $orders) {
            foreach (array_slice($orders, 1) as $order) {
                yield [...$asItIs, $place => $order];
            }
        }
    }

    /** @param  array<int, list<int>>  $orders */
    public function circuit(array $orders): Circuit
    {
        $contacts = [];
        foreach ($orders as $place => $order) {
            $switch = $this->right->switches[$place];
            $nets = $this->nets($switch);
            $names = array_keys($this->terminals($switch));
            $landed = [];
            foreach ($order as $i => $from) {
                $landed[$names[$i]] = $nets[$from];
            }
            $wiring = $this->right->wiring;
            $model = $wiring->modelOf($wiring->board->devices[$switch]);
            $contacts[$place] = [self::joined($model->closedUp, $landed), self::joined($model->closedDown, $landed)];
        }

        return $this->right->withFaults($contacts, []);
    }

    /**
     * @param  list<array{string, string}>  $closed  pairs of contacts
     * @param  array<string, int>  $landed  contact → the net that is on it
     * @return list<array{int, int}>
     */
    private static function joined(array $closed, array $landed): array
    {
        return array_map(fn (array $pair) => [$landed[$pair[0]], $landed[$pair[1]]], $closed);
    }

    /**
     * How many conductors stand elsewhere.
     *
     * @param  array<int, list<int>>  $orders
     */
    public static function moved(array $orders): int
    {
        $moved = 0;
        foreach ($orders as $order) {
            foreach ($order as $i => $from) {
                $moved += $i === $from ? 0 : 1;
            }
        }

        return $moved;
    }

    /** @return list<int> the net at each contact, in the catalogue's order */
    private function nets(string $switch): array
    {
        return array_map(
            fn (Terminal $terminal) => $this->right->nets->at(DevicePoint::id($switch, $terminal->name)),
            array_values($this->terminals($switch)),
        );
    }

    /** @return array<string, Terminal> */
    private function terminals(string $switch): array
    {
        $wiring = $this->right->wiring;

        return array_column($wiring->modelOf($wiring->board->devices[$switch])->contacts(), null, 'name');
    }

    /**
     * @param  list<int>  $items
     * @return list<list<int>> the given order first
     */
    private static function permutations(array $items): array
    {
        if (count($items) < 2) {
            return [$items];
        }
        $all = [];
        foreach ($items as $i => $item) {
            foreach (self::permutations(array_values(array_diff_key($items, [$i => 0]))) as $rest) {
                $all[] = [$item, ...$rest];
            }
        }

        return $all;
    }

    /**
     * @param  list<list<list<int>>>  $each
     * @return iterable<list<list<int>>>
     */
    private static function product(array $each): iterable
    {
        if ($each === []) {
            yield [];

            return;
        }
        foreach ($each[0] as $first) {
            foreach (self::product(array_slice($each, 1)) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
