<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/**
 * Throws that are the same for ever for the same seed: SHA-256 of the seed, a name and a count, so that no version of the
 * language can change them.
 */
final class Dice
{
    private int $count = 0;

    public function __construct(private readonly string $seed)
    {
    }

    /** Dice of their own for one purpose: what is drawn there changes nothing here. */
    public function for(string $purpose): self
    {
        return new self("$this->seed/$purpose");
    }

    /** @return int from 0 to below the number of sides */
    public function throw(int $sides): int
    {
        $hash = hash('sha256', "$this->seed#".$this->count++);

        // 52 bits of it: so few sides that the remainder favours none that matters.
        return (int) (hexdec(substr($hash, 0, 13)) % max(1, $sides));
    }

    /**
     * @template T
     *
     * @param  list<T>  $items
     * @return list<T> in another order
     */
    public function shuffled(array $items): array
    {
        for ($i = count($items) - 1; $i > 0; $i--) {
            $other = $this->throw($i + 1);
            [$items[$i], $items[$other]] = [$items[$other], $items[$i]];
        }

        return array_values($items);
    }
}
