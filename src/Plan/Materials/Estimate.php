<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Catalogue\Practices\Feet;
use Zwindle\Catalogue\Practices\Practice;

/** A materials list against an instructor's price list and stock. */
final readonly class Estimate
{
    /** @param  list<PricedPart>  $lines */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param  list<Part>  $parts
     * @param  array<string, ShelfLine>  $shelf  by the key of the part
     */
    public static function of(array $parts, Practice $practice, array $shelf): self
    {
        return new self(array_map(function (Part $part) use ($practice, $shelf): PricedPart {
            $line = $shelf[$part->key()] ?? new ShelfLine;
            $amount = $part->kind === PartKind::Cable && $practice->isImperial
                ? round(Feet::ofMetres($part->amount), 1)
                : $part->amount;
            $isKnown = $amount > 0;

            return new PricedPart(
                $part,
                $amount,
                $line,
                $line->priceCents === null || ! $isKnown ? null : (int) round($line->priceCents * $amount),
                $line->held === null || ! $isKnown ? null : max(0.0, round($amount - $line->held, 1)),
            );
        }, $parts));
    }

    /** What everything with a price comes to; null where nothing has one. */
    public function totalCents(): ?int
    {
        $costs = array_filter(array_map(fn (PricedPart $line) => $line->costCents, $this->lines), fn (?int $cost) => $cost !== null);

        return $costs === [] ? null : array_sum($costs);
    }

    /** Lines that the total leaves out. */
    public function withoutPrice(): int
    {
        return count(array_filter($this->lines, fn (PricedPart $line) => $line->costCents === null));
    }
}
