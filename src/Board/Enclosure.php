<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** A box, a rose, a fitting or the supply point. */
final readonly class Enclosure
{
    /** @param  array{float, float}|null  $at  millimetres on the board face, origin top left */
    public function __construct(
        public string $id,
        public EnclosureKind $kind,
        public string $label,
        public bool $isMetal,
        public ?array $at = null,
    ) {
    }

    /** The name of its earthing point, whether or not it has one. */
    public function earthPoint(): string
    {
        return "$this->id.earth";
    }
}
