<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** A test with what it costs and what it would show of each suspect. */
final readonly class WeighedTest
{
    /** @param  array<int, int>  $shown  suspect → a number for what is seen, the same for the same sight */
    private function __construct(public NextTest $test, public float $cost, private array $shown)
    {
    }

    /** @param  array<int, string>  $seen  suspect → what is seen */
    public static function of(NextTest $test, float $cost, array $seen): self
    {
        $numbers = array_flip(array_values(array_unique($seen)));

        return new self($test, $cost, array_map(fn (string $one) => $numbers[$one], $seen));
    }

    /** A flip is none: nothing is opened for it. */
    public function isLook(): bool
    {
        return $this->test->kind !== 'flip';
    }

    /** The same for two tests that tell suspects apart in the same way. */
    public function key(): string
    {
        return implode(',', $this->shown);
    }

    /**
     * @param  list<int>  $suspects
     * @return array<int, non-empty-list<int>> what is seen → those that show it
     */
    public function split(array $suspects): array
    {
        $parts = [];
        foreach ($suspects as $i) {
            $parts[$this->shown[$i]][] = $i;
        }

        return $parts;
    }
}
