<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Point;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceModel;

/**
 * The bench's names of places ↔ the board's points.
 *
 * A terminal is `S1#3`, the third landing of its face: what it is inside is the server's to know. Ends and enclosure
 * earths keep their names, which say no more than eyes see.
 */
final readonly class PlaceMap
{
    /** @var array<string, string> place → point */
    private array $pointAt;

    /** @var array<string, string> point → place */
    private array $placeOf;

    /** @var array<string, Point> place → point */
    private array $points;

    /** @param  array<string, DeviceModel>  $fitted  device id → another part than the board names: its face is what eyes see */
    public function __construct(Board $board, array $fitted = [])
    {
        $pointAt = [];
        $all = $board->points($fitted);
        foreach ($board->devices as $device) {
            $seen = isset($fitted[$device->id]) ? $device->fitted($fitted[$device->id]) : $device;
            foreach ($seen->face()->landings as $landing) {
                $pointAt[self::landing($device->id, $landing->place)] = DevicePoint::id($device->id, $landing->terminal);
            }
        }
        foreach ($all as $id => $point) {
            if ($point->device === null) {
                $pointAt[$id] = $id;
            }
        }
        $this->pointAt = $pointAt;
        $this->placeOf = array_flip($pointAt);
        $this->points = array_map(fn (string $id) => $all[$id], $pointAt);
    }

    /** The name of a landing as a trainee sees it: `S1#3`. */
    public static function landing(string $device, int $place): string
    {
        return "$device#$place";
    }

    /** The device of a landing, on whatever part of it; anything else is no device's. */
    public static function deviceOf(string $place): string
    {
        return substr($place, 0, strcspn($place, '#'));
    }

    public static function of(Wiring $wiring): self
    {
        return new self($wiring->board, $wiring->fitted);
    }

    public function pointAt(string $place): string
    {
        return $this->pointAt[$place];
    }

    /**
     * @param  list<string>  $places
     * @return list<string>
     */
    public function pointsAt(array $places): array
    {
        return array_map($this->pointAt(...), $places);
    }

    public function placeOf(string $point): string
    {
        return $this->placeOf[$point] ?? $point;
    }

    public function find(string $place): ?Point
    {
        return $this->points[$place] ?? null;
    }
}
