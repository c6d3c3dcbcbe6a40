<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Devices\StandardBox;

/** A box, a rose, a fitting or the supply point. */
final readonly class Enclosure
{
    /**
     * @param  array{float, float}|null  $at  millimetres on the board face, origin top left
     * @param  StandardBox|null  $box  its size by name, where it has one
     * @param  float|null  $volumeIn3  its volume as it is marked
     * @param  float  $addedIn3  what a ring or cover adds
     */
    public function __construct(
        public string $id,
        public EnclosureKind $kind,
        public string $label,
        public bool $isMetal,
        public ?array $at = null,
        public ?StandardBox $box = null,
        public ?float $volumeIn3 = null,
        public float $addedIn3 = 0.0,
        public bool $hasInternalClamps = false,
    ) {
    }

    /** The name of its earthing point, whether or not it has one. */
    public function earthPoint(): string
    {
        return self::earthOf($this->id);
    }

    public static function earthOf(string $enclosure): string
    {
        return DevicePoint::id($enclosure, 'earth');
    }
}
