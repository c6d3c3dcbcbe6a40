<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;

/** One run between two enclosures. */
final readonly class Cable
{
    /** @var array<string, Core> by name, in the order of the sheath */
    public array $cores;

    /** @param  Colour|null  $colour  of a single conductor */
    public function __construct(
        public string $id,
        public CableType $type,
        public string $from,
        public string $to,
        public ?Colour $colour = null,
        public ?float $lengthM = null,
    ) {
        $colours = $type->isSingle && $colour !== null ? ['core' => $colour] : $type->cores;
        $cores = [];
        foreach ($colours as $name => $coreColour) {
            $cores[$name] = new Core($id, $name, $coreColour, $from, $to);
        }
        $this->cores = $cores;
    }

    public function touches(string $enclosure): bool
    {
        return $this->from === $enclosure || $this->to === $enclosure;
    }

    public function farFrom(string $enclosure): string
    {
        return $this->from === $enclosure ? $this->to : $this->from;
    }
}
