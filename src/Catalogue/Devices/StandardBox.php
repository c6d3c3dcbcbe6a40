<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/**
 * The standard metal boxes of North America with their volumes.
 *
 * Source: NEC Table 314.16(A) (memory).
 */
final readonly class StandardBox
{
    private const VOLUMES_IN3 = [
        'device-3x2x1.5' => '7.5', 'device-3x2x2' => '10.0', 'device-3x2x2.25' => '10.5', 'device-3x2x2.5' => '12.5',
        'device-3x2x2.75' => '14.0', 'device-3x2x3.5' => '18.0',
        'device-4x2.125x1.5' => '10.3', 'device-4x2.125x1.875' => '13.0', 'device-4x2.125x2.125' => '14.5',
        'octagon-4x1.25' => '12.5', 'octagon-4x1.5' => '15.5', 'octagon-4x2.125' => '21.5',
        'square-4x1.25' => '18.0', 'square-4x1.5' => '21.0', 'square-4x2.125' => '30.3',
        'square-4.6875x1.25' => '25.5', 'square-4.6875x1.5' => '29.5', 'square-4.6875x2.125' => '42.0',
    ];

    /** What every supply house has on the shelf (common practice). */
    private const COMMON = [
        'device-3x2x2.5', 'device-3x2x2.75', 'device-3x2x3.5', 'octagon-4x1.5', 'octagon-4x2.125', 'square-4x1.5', 'square-4x2.125',
    ];

    /** Boxes that take a ring or a raised cover; a device box is covered by its plate (common practice). */
    private const WITH_RING = ['square', 'octagon'];

    /** @param  string  $volumeIn3  in decimals, exact */
    private function __construct(
        public string $id,
        public string $volumeIn3,
    ) {
    }

    public static function find(string $id): ?self
    {
        return isset(self::VOLUMES_IN3[$id]) ? new self($id, self::VOLUMES_IN3[$id]) : null;
    }

    /** @return list<self> the smallest first */
    public static function all(): array
    {
        $boxes = [];
        foreach (self::VOLUMES_IN3 as $id => $volume) {
            $boxes[] = new self($id, $volume);
        }
        usort($boxes, fn (self $one, self $other) => [(float) $one->volumeIn3, $one->id] <=> [(float) $other->volumeIn3, $other->id]);

        return $boxes;
    }

    public function isCommon(): bool
    {
        return in_array($this->id, self::COMMON, true);
    }

    public function takesRing(): bool
    {
        return in_array($this->family(), self::WITH_RING, true);
    }

    /** Depth in inches: the last figure of its size. */
    public function depthIn(): float
    {
        $figures = explode('x', $this->id);

        return (float) end($figures);
    }

    /** `device`, `octagon` or `square`. */
    public function family(): string
    {
        return explode('-', $this->id)[0];
    }
}
