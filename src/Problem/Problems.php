<?php

declare(strict_types=1);

namespace Zwindle\Problem;

/** Collects the faults of a file, so that all of them are reported at once. */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    /** @param  array<string, string|int>  $params */
    public function add(string $pointer, ProblemCode $code, array $params = []): void
    {
        $this->found[] = new Problem($pointer, $code, $params);
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->found;
    }
}
