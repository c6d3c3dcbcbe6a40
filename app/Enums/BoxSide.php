<?php

declare(strict_types=1);

namespace App\Enums;

/** A wall of an opened box. */
enum BoxSide: string
{
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Bottom = 'bottom';

    /** @return array{int, int} from this wall into the box */
    public function inward(): array
    {
        return match ($this) {
            self::Left => [1, 0],
            self::Right => [-1, 0],
            self::Top => [0, 1],
            self::Bottom => [0, -1],
        };
    }

    public function isUpright(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /** @return list<self> the walls to come in by from a direction, the nearest first */
    public static function towards(float $dx, float $dy): array
    {
        [$near, $far] = $dx < 0 ? [self::Left, self::Right] : [self::Right, self::Left];
        [$upper, $lower] = $dy < 0 ? [self::Top, self::Bottom] : [self::Bottom, self::Top];

        return abs($dx) > abs($dy) ? [$near, $lower, $upper, $far] : [$upper, $lower, $near, $far];
    }
}
