<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Proving\Reading\Touch;

/** What a point is to the one who tests: tied to the supply's line, neutral or earth whatever the switches do, or at a lamp. */
final readonly class PointRoles
{
    public function __construct(public Circuit $circuit)
    {
    }

    public function isLine(string $point): bool
    {
        return $this->circuit->nets->at($point) === $this->circuit->lineNet;
    }

    public function isNeutral(string $point): bool
    {
        return $this->circuit->nets->at($point) === $this->circuit->neutralNet;
    }

    public function isEarth(string $point): bool
    {
        return $this->circuit->nets->at($point) === $this->circuit->earthNet;
    }

    /** @return list<string> lamps whose line belongs at a point: either side of a bayonet lamp, never a shell or a neutral lead */
    public function lampsFedAt(string $point): array
    {
        $net = $this->circuit->nets->at($point);
        $wiring = $this->circuit->wiring;
        $fed = [];
        foreach ($this->circuit->lamps as $lamp) {
            foreach ($wiring->modelOf($wiring->board->devices[$lamp])->lampSides() as $side) {
                $isForLine = $side->isFlex || ($side->duty !== TerminalDuty::LampShell && ! $side->isForNeutral);
                if ($isForLine && $this->circuit->nets->at(DevicePoint::id($lamp, $side->name)) === $net) {
                    $fed[$lamp] = $lamp;
                }
            }
        }

        return array_values($fed);
    }

    public function enclosureOf(string $point): string
    {
        return $this->circuit->wiring->points[$point]->enclosure;
    }

    public function supply(string $terminal): string
    {
        return DevicePoint::id($this->circuit->wiring->board->supply()->id, $terminal);
    }

    /** Whether an instrument is on one point of one kind and one of the other, whichever way round. */
    public function isBetween(Touch $touch, string $one, string $other): bool
    {
        if ($touch->other === null) {
            return false;
        }

        return ($this->is($touch->one, $one) && $this->is($touch->other, $other))
            || ($this->is($touch->one, $other) && $this->is($touch->other, $one));
    }

    private function is(string $point, string $kind): bool
    {
        return match ($kind) {
            'line' => $this->isLine($point),
            'neutral' => $this->isNeutral($point),
            default => $this->isEarth($point),
        };
    }
}
