<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/**
 * Every way of one, two or three stretches from box to box.
 *
 * @phpstan-type Points non-empty-list<array{float, float}>
 */
final readonly class Outlines
{
    private function __construct(private BoxShape $a, private BoxShape $b, private float $width, private Lanes $lanes)
    {

    }

    /** @return iterable<Points> those whose ends lie so many lanes off the middles of their boxes, taken together */
    public static function between(BoxShape $a, BoxShape $b, float $width, int $level, Lanes $lanes): iterable
    {
        $measures = Measures::table();
        $shapes = new self($a, $b, $width, $lanes);
        for ($first = max(0, $level - $measures['wayMostLanes']); $first <= min($level, $measures['wayMostLanes']); $first++) {
            foreach (self::signed($first) as $i) {
                foreach (self::signed($level - $first) as $j) {
                    yield from $shapes->straight($i * $lanes->step, $j);
                    yield from $shapes->bent($i * $lanes->step, $j * $lanes->step);
                    yield from $shapes->bentTwice($i * $lanes->step, $j * $lanes->step);
                }
            }
        }
    }

    /** @return list<int> 0, then one lane to either side, then two … */
    private static function signed(int $lane): array
    {
        return $lane === 0 ? [0] : [$lane, -$lane];
    }

    private function fits(float $off, float $half): bool
    {
        return abs($off) <= $half - $this->width / 2;
    }

    /** @return iterable<Points> */
    private function straight(float $i, int $lane): iterable
    {
        [$level, $upright] = [$this->a->y + $i, $this->a->x + $i];
        if ($lane === 0 && $this->fits($i, $this->a->halfHeight) && $this->fits($level - $this->b->y, $this->b->halfHeight)) {
            yield [[$this->a->x, $level], [$this->b->x, $level]];
        }
        if ($lane === 0 && $this->fits($i, $this->a->halfWidth) && $this->fits($upright - $this->b->x, $this->b->halfWidth)) {
            yield [[$upright, $this->a->y], [$upright, $this->b->y]];
        }
    }

    /** @return iterable<Points> */
    private function bent(float $i, float $j): iterable
    {
        if ($this->fits($i, $this->a->halfHeight) && $this->fits($j, $this->b->halfWidth)) {
            yield [[$this->a->x, $this->a->y + $i], [$this->b->x + $j, $this->a->y + $i], [$this->b->x + $j, $this->b->y]];
        }
        if ($this->fits($i, $this->a->halfWidth) && $this->fits($j, $this->b->halfHeight)) {
            yield [[$this->a->x + $i, $this->a->y], [$this->a->x + $i, $this->b->y + $j], [$this->b->x, $this->b->y + $j]];
        }
    }

    /** @return iterable<Points> */
    private function bentTwice(float $i, float $j): iterable
    {
        [$a, $b] = [$this->a, $this->b];
        if ($this->fits($i, $a->halfHeight) && $this->fits($j, $b->halfHeight)) {
            foreach ($this->channels($a->x, $a->halfWidth, $b->x, $b->halfWidth) as $x) {
                yield [[$a->x, $a->y + $i], [$x, $a->y + $i], [$x, $b->y + $j], [$b->x, $b->y + $j]];
            }
        }
        if ($this->fits($i, $a->halfWidth) && $this->fits($j, $b->halfWidth)) {
            foreach ($this->channels($a->y, $a->halfHeight, $b->y, $b->halfHeight) as $y) {
                yield [[$a->x + $i, $a->y], [$a->x + $i, $y], [$b->x + $j, $y], [$b->x + $j, $b->y]];
            }
        }
    }

    /** @return list<float> where the middle stretch may lie: between the boxes, and beyond the outermost on either side */
    private function channels(float $a, float $halfA, float $b, float $halfB): array
    {
        $measures = Measures::table();
        $middle = ($a + $b) / 2;
        [$low, $high] = [min($a - $halfA, $b - $halfB), max($a + $halfA, $b + $halfB)];
        $found = [$middle];
        for ($lane = 1; $lane <= $measures['wayMostLanes']; $lane++) {
            array_push($found, $middle + 2 * $lane * $this->lanes->step, $middle - 2 * $lane * $this->lanes->step);
        }
        for ($lane = 0; $lane <= 2 * $measures['wayMostLanes']; $lane++) {
            $beyond = $this->lanes->clear + $this->width + $lane * 2 * $this->lanes->step;
            array_push($found, $high + $beyond, $low - $beyond);
        }

        return $found;
    }
}
