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

    /**
     * @param  Colour|null  $colour  of a single conductor
     * @param  string|null  $beyond  the place beyond the board that it goes on to; said by the board
     */
    public function __construct(
        public string $id,
        public CableType $type,
        public string $from,
        public string $to,
        public ?Colour $colour = null,
        public ?float $lengthM = null,
        public ?string $beyond = null,
    ) {
        $colours = $type->isSingle && $colour !== null ? ['core' => $colour] : $type->cores;
        $cores = [];
        foreach ($colours as $name => $coreColour) {
            $cores[$name] = new Core($id, $name, $coreColour, $from, $to, $beyond);
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

    /** The same run on a board where it goes on to a place beyond. */
    public function goingOnTo(?string $beyond): self
    {
        return $beyond === $this->beyond
            ? $this
            : new self($this->id, $this->type, $this->from, $this->to, $this->colour, $this->lengthM, $beyond);
    }

    /** The conductor that brings the line to what it feeds beyond the board. */
    public function lineCore(): ?Core
    {
        return $this->firstOf(fn (Core $core) => in_array($core->colour, [Colour::Black, Colour::Brown, Colour::Red], true)
            && $core !== $this->neutralCore());
    }

    /** The conductor that brings the neutral there. */
    public function neutralCore(): ?Core
    {
        return $this->firstOf(fn (Core $core) => $this->type->colours?->isNeutrals($core->colour) ?? false);
    }

    /** @return list<Core> what is neither, nor an earth */
    public function spares(): array
    {
        $needed = [$this->lineCore(), $this->neutralCore()];

        return array_values(array_filter(
            $this->cores,
            fn (Core $core) => ! $core->colour->isEarths() && ! in_array($core, $needed, true),
        ));
    }

    /** @param  callable(Core): bool  $is */
    private function firstOf(callable $is): ?Core
    {
        return array_values(array_filter($this->cores, $is))[0] ?? null;
    }
}
