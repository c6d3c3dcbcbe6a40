<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\Point;
use Zwindle\Catalogue\Devices\DeviceModel;

/** What one trainee connected on one board. */
final readonly class Wiring
{
    /** @var array<string, Point> by id, with the fitted parts */
    public array $points;

    /** @var array<string, int> point → index of its joint */
    private array $jointOf;

    /** @var array<string, true> */
    private array $capped;

    /**
     * @param  list<Joint>  $joints
     * @param  list<string>  $caps
     * @param  array<string, MarkedAs>  $marks
     * @param  array<string, DeviceModel>  $fitted
     * @param  array<string, string>  $labels
     */
    private function __construct(
        public Board $board,
        public array $joints,
        public array $caps,
        public array $marks,
        public array $fitted,
        public array $labels,
    ) {
        $this->points = $board->points($fitted);
        $jointOf = [];
        foreach ($joints as $index => $joint) {
            foreach ($joint->points as $point) {
                if (isset($jointOf[$point])) {
                    throw ImpossibleWiring::inTwoJoints($point);
                }
                $jointOf[$point] = $index;
            }
        }
        $this->jointOf = $jointOf;
        $this->capped = array_fill_keys($caps, true);
    }

    /** A board on which nothing is connected yet. */
    public static function bare(Board $board): self
    {
        return new self($board, [], [], [], [], []);
    }

    /**
     * @param  list<Joint>  $joints
     * @param  list<string>  $caps
     * @param  array<string, MarkedAs>  $marks  conductor end → what its tape or sleeve says
     * @param  array<string, DeviceModel>  $fitted  device id → the part in its place
     * @param  array<string, string>  $labels  point → text of a tag; never judged
     *
     * @throws ImpossibleWiring if a point is in two joints
     */
    public static function of(
        Board $board,
        array $joints,
        array $caps = [],
        array $marks = [],
        array $fitted = [],
        array $labels = [],
    ): self {
        return new self($board, $joints, $caps, $marks, $fitted, $labels);
    }

    public function modelOf(Device $device): DeviceModel
    {
        return $this->fitted[$device->id] ?? $device->model;
    }

    /** The same wiring on the same board with other lengths of its runs. */
    public function on(Board $board): self
    {
        return new self($board, $this->joints, $this->caps, $this->marks, $this->fitted, $this->labels);
    }

    public function jointAt(string $point): ?Joint
    {
        return isset($this->jointOf[$point]) ? $this->joints[$this->jointOf[$point]] : null;
    }

    public function isCapped(string $point): bool
    {
        return isset($this->capped[$point]);
    }

    public function isLoose(string $point): bool
    {
        return ! isset($this->jointOf[$point]) && ! isset($this->capped[$point]);
    }

    /** @return list<string> conductor ends and leads: what there is to join or cap */
    public function ends(): array
    {
        return array_keys(array_filter($this->points, fn (Point $point) => ! $point->isFixed()));
    }

    /** How many of them are joined or capped. */
    public function placed(): int
    {
        return count(array_filter($this->ends(), fn (string $end) => ! $this->isLoose($end)));
    }

    public function markOn(string $point): ?MarkedAs
    {
        return $this->marks[$point] ?? null;
    }
}
