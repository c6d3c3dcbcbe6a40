<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;

/** A wiring as the steps that make it at the bench, joint by joint. */
final readonly class WiringAsSteps
{
    private PlaceMap $places;

    public function __construct(private Wiring $wiring)
    {
        $this->places = PlaceMap::of($wiring);
    }

    /** @return list<array<string, mixed>> */
    public static function of(Wiring $wiring): array
    {
        $made = new self($wiring);

        return array_merge(
            ...array_map($made->joint(...), $wiring->joints),
            ...array_map(fn (string $end) => [$made->cap($end)], $wiring->caps),
            ...array_map(fn (string $end) => [$made->mark($end)], array_keys($wiring->marks)),
            ...[[]],
        );
    }

    /**
     * The same on a board that is not bare: what stands there comes off first, box by box.
     *
     * @return list<array<string, mixed>>
     */
    public static function over(Wiring $standing, Wiring $wiring): array
    {
        $places = PlaceMap::of($standing);
        $off = [];
        foreach ([...array_merge(...array_column($standing->joints, 'points'), ...[[]]), ...$standing->caps] as $point) {
            $off[$standing->points[$point]->enclosure][] = $places->placeOf($point);
        }
        $take = fn (array $held) => ['do' => 'take', 'points' => $held];
        $bare = fn (string $end) => ['do' => 'mark', 'points' => [$end], 'as' => null];

        return [...array_map($take, array_values($off)), ...array_map($bare, array_keys($standing->marks)), ...self::of($wiring)];
    }

    /** @return list<array<string, mixed>> one gathering, or a landing for each conductor */
    public function joint(Joint $joint): array
    {
        $points = array_map($this->places->placeOf(...), $joint->points);
        if ($joint->by->isConnector()) {
            return [['do' => 'gather', 'points' => $points, 'by' => $joint->by->value, 'ports' => $joint->ports]];
        }
        $isFixed = fn (string $place) => $this->places->find($place)?->isFixed() ?? false;
        $on = array_values(array_filter($points, $isFixed))[0];

        return array_map(fn (string $point) => [
            'do' => 'land',
            'points' => [$point],
            'on' => $on,
        ], array_values(array_diff($points, [$on])));
    }

    /** @return array<string, mixed> */
    public function cap(string $end): array
    {
        return ['do' => 'cap', 'points' => [$this->places->placeOf($end)]];
    }

    /** @return array<string, mixed> */
    public function mark(string $end): array
    {
        return ['do' => 'mark', 'points' => [$end], 'as' => $this->wiring->marks[$end]->value];
    }
}
