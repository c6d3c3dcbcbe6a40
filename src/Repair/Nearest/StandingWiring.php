<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Point;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Plan\Search\TimeLimit;

/** A wiring box by box, as the search for what is nearest to it asks for it; the same question is worked out once. */
final class StandingWiring
{
    /** @var array<string, list<Point>> enclosure → its points that matter */
    public readonly array $pointsIn;

    /** @var array<string, list<Joint>> */
    public readonly array $jointsIn;

    /** Points that are looked at in all before the search is content with what it has. */
    private const MOST_LOOKS = 100_000;

    /** @var array<string, int> */
    private array $moves = [];

    private int $looks = 0;

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
        $question = $enclosure.' '.implode(',', $strandOf);
        if (! isset($this->moves[$question])) {
            $this->looks += count($strandOf);
            $this->moves[$question] = BoxDistance::of(
                $this->wiring,
                array_keys($strandOf),
                $this->jointsIn[$enclosure] ?? [],
                $strandOf,
            )->moves;
        }

        return $this->moves[$question];
    }

    /** Whether so much was looked at that what is near enough must do: only on large boards. */
    public function isOver(): bool
    {
        return $this->looks > self::MOST_LOOKS || TimeLimit::isUp();
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
