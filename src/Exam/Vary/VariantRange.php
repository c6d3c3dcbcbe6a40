<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/** How many variants a board gives, and how equal their work is. */
final readonly class VariantRange
{
    /** More than anybody counts. */
    public const MANY = 1_000_000;

    /**
     * @param  list<Layout>  $layouts  those of equal work
     * @param  int  $allLayouts  that can be wired at all
     * @param  int  $looks  ways to hang the faces, at most MANY
     * @param  int  $labels  orders of the cables' labels, at most MANY
     * @param  int  $colours  sets of colours
     */
    public function __construct(
        public array $layouts,
        public int $allLayouts,
        public int $looks,
        public int $labels,
        public int $colours,
    ) {
    }

    /** Variants that differ in what is wired where: layouts and faces; at most MANY. */
    public function telling(): int
    {
        return min(self::MANY, count($this->layouts) * $this->looks);
    }

    /** Everything that can be told apart; at most MANY. */
    public function all(): int
    {
        return min(self::MANY, $this->telling() * min(self::MANY, $this->labels * $this->colours));
    }

    /** @return array{int, int} fewest and most joints */
    public function joints(): array
    {
        $joints = array_map(fn (Layout $layout) => $layout->joints, $this->layouts);

        return $joints === [] ? [0, 0] : [min($joints), max($joints)];
    }

    /** @return array{int, int} fewest and most conductors */
    public function conductors(): array
    {
        $conductors = array_map(fn (Layout $layout) => $layout->conductors, $this->layouts);

        return $conductors === [] ? [0, 0] : [min($conductors), max($conductors)];
    }
}
