<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Plan\Plan;

/** How many holes of each block of a rose are taken, and who goes dark when it is opened. */
final readonly class RoseBlocks
{
    /**
     * @param  array<string, array{int, int|null}>  $blocks  terminal → conductors in it, and how many it takes
     * @param  list<string>  $darkWhenOpened  lamps and receptacles elsewhere that lose their supply
     */
    private function __construct(
        public Device $rose,
        public array $blocks,
        public array $darkWhenOpened,
    ) {
    }

    /** @return list<self> one for each rose of the board */
    public static function of(Plan $plan): array
    {
        return array_map(
            fn (Device $rose) => new self($rose, self::blocks($plan, $rose), OpenedBox::darkWithout($plan, $rose->enclosure)),
            $plan->wiring->board->devicesOf(DeviceKind::Rose),
        );
    }

    /** @return array<string, array{int, int|null}> */
    private static function blocks(Plan $plan, Device $rose): array
    {
        $blocks = [];
        foreach ($rose->model->terminals as $terminal) {
            $point = DevicePoint::id($rose->id, $terminal->name);
            $joint = $plan->wiring->jointAt($point);
            $others = $joint === null ? [] : array_filter($joint->points, fn (string $other) => $other !== $point);
            $blocks[$terminal->name] = [count($others), $terminal->takes];
        }

        return $blocks;
    }
}
