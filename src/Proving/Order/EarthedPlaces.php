<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Board\Enclosure;

/** Where a board has something to be earthed. */
final readonly class EarthedPlaces
{
    public function __construct(private PointRoles $roles)
    {
    }

    public function hasEarths(): bool
    {
        return $this->roles->circuit->wiring->board->requirements->earths;
    }

    public function isEarthPoint(string $point): bool
    {
        $at = $this->roles->circuit->wiring->points[$point];

        return $this->roles->isEarth($point) || $at->isEarthing() || $at->core?->colour->isEarths() === true;
    }

    /** @return list<string> enclosures with something to be earthed, but for the supply */
    public function boxesWithEarth(): array
    {
        $wiring = $this->roles->circuit->wiring;
        $boxes = array_filter($wiring->board->enclosures, fn (Enclosure $box) => $box->kind->isOnTheWall());

        return array_values(array_filter(
            array_map(fn (Enclosure $box) => $box->id, array_values($boxes)),
            fn (string $box) => array_filter($wiring->points, fn ($point) => $point->enclosure === $box && $point->isEarthing()) !== [],
        ));
    }

    public function enclosureOfLamp(string $lamp): string
    {
        return $this->roles->circuit->wiring->board->devices[$lamp]->enclosure;
    }

    /** @return array<string, true> lamps in whose box there is an earth */
    public function lampsWithEarth(): array
    {
        $boxes = $this->boxesWithEarth();
        $lamps = array_filter($this->roles->circuit->lamps, fn (string $lamp) => in_array($this->enclosureOfLamp($lamp), $boxes, true));

        return array_fill_keys($lamps, true);
    }
}
