<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

/** What a symbol of the diagram stands for. */
enum SymbolKind: string
{
    case Line = 'line';
    case Neutral = 'neutral';
    case Earth = 'earth';
    case Switch = 'switch';
    case Lamp = 'lamp';
    case Receptacle = 'receptacle';

    /** A terminal of the supply. */
    public function isSupply(): bool
    {
        return $this === self::Line || $this === self::Neutral || $this === self::Earth;
    }
}
