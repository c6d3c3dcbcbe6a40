<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Point;
use Zwindle\Wiring\Joint;
use Zwindle\Wiring\Wiring;

/** A wiring box by box, as the search for what is nearest to it asks for it; the same question is worked out once. */
final class Standing
{
    /** @var array<string, list<Point>> enclosure → its points that matter */
    public readonly array $pointsIn;

    /** @var array<string, list<Joint>> */
    public readonly array $jointsIn;

    /** @var array<string, int> */
    private array $moves = [];

    public function __construct(public readonly Wiring $wiring)
    {
        $points = $joints = [];
        foreach ($wiring->points as $point) {
            if ($this->matters($point)) {
                $points[$point->enclosure][] = $point;
            }
        }
        foreach ($wiring->joints as $joint) {
            $joints[$joint->enclosure][] = $joint;
        }
        $this->pointsIn = $points;
        $this->jointsIn = $joints;
    }

    public static function isEarth(Point $point): bool
    {
        return $point->isEarthing() || ($point->core?->colour->isEarths() ?? false);
    }

    /**
     * The fewest points that must move in a box.
     *
     * @param  array<string, string|null>  $strandOf  its points that matter, in their order → key of the strand
     */
    public function movesIn(string $enclosure, array $strandOf): int
    {
        return $this->moves[$enclosure.' '.implode(',', $strandOf)] ??= $this->match($enclosure, $strandOf)->moves;
    }

    /** @param  array<string, string|null>  $strandOf */
    public function match(string $enclosure, array $strandOf): BoxMatch
    {
        return BoxMatch::of($this->wiring, array_keys($strandOf), $this->jointsIn[$enclosure] ?? [], $strandOf);
    }

    /** Where no earths are asked for, those joined with each other do not matter. */
    private function matters(Point $point): bool
    {
        if ($this->wiring->board->requirements->earths || ! self::isEarth($point)) {
            return true;
        }
        $others = $this->wiring->jointAt($point->id)->points ?? [];

        return array_filter($others, fn (string $other) => ! self::isEarth($this->wiring->points[$other])) !== [];
    }
}
