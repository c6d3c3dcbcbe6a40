<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Probe\Meter;
use Zwindle\Plan\Plan;

/**
 * What a meter should read for one lamp of a board wired as planned: volts across its terminals, lit and dark, and with the
 * supply isolated ohms from line to neutral at the supply's own ends.
 */
final readonly class LampReadings
{
    /**
     * @param  array<string, string>  $lit  positions of the switches that light it
     * @param  array<string, string>  $dark  positions in which it is dark
     * @param  float|null  $litOhm  null: open; of every lamp that is then on
     */
    private function __construct(
        public string $lamp,
        public array $lit,
        public array $dark,
        public float $litV,
        public float $darkV,
        public ?float $litOhm,
        public ?float $darkOhm,
        public ?float $lineToEarthOhm,
        public float $darkToEarthV,
    ) {
    }

    /** @return list<self> of every lamp that is lit in some state and dark in another */
    public static function of(Plan $plan): array
    {
        $evidence = $plan->result->evidence;
        $meter = new Meter($evidence->circuit);
        $supply = $evidence->board->supply()->id;
        $readings = [];
        foreach ($evidence->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            $column = $evidence->table->lamps[$lamp->id];
            [$lit, $dark] = [strpos($column, '1'), strpos($column, '0')];
            if ($lit === false || $dark === false) {
                continue;
            }
            [$one, $other] = array_map(
                fn ($terminal) => DevicePoint::id($lamp->id, $terminal->name),
                $evidence->wiring->modelOf($lamp)->lampSides(),
            );
            $readings[] = new self(
                $lamp->id,
                $evidence->table->positionsIn($lit),
                $evidence->table->positionsIn($dark),
                $meter->volt($lit, $one, $other),
                $meter->volt($dark, $one, $other),
                $meter->ohm($lit, DevicePoint::id($supply, 'line'), DevicePoint::id($supply, 'neutral')),
                $meter->ohm($dark, DevicePoint::id($supply, 'line'), DevicePoint::id($supply, 'neutral')),
                $meter->ohm($lit, DevicePoint::id($supply, 'line'), DevicePoint::id($supply, 'earth')),
                $meter->volt($dark, $one, DevicePoint::id($supply, 'earth')),
            );
        }

        return $readings;
    }
}
