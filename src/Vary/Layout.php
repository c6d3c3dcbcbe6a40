<?php

declare(strict_types=1);

namespace Zwindle\Vary;

use Zwindle\Board\Board;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Scheme\SchemeName;

/** One way to lay a board out, with a right wiring of it and the work that it takes. */
final readonly class Layout
{
    /** How much there is to think about, by scheme; common practice. */
    private const DIFFICULTY = ['single' => 1, 'feed-through' => 2, 'dead-end' => 3, 'light-fed' => 3, 'common-link' => 3];

    private function __construct(
        public string $feedAt,
        public string $lampAt,
        public string $order,
        public Plan $plan,
        public int $joints,
        public int $conductors,
        public int $difficulty,
    ) {
    }

    /** @return self|null null if the board cannot be wired so */
    public static function of(Board $board, string $feedAt, string $lampAt, string $order): ?self
    {
        $plan = Planner::plan($board)->plans[0] ?? null;
        if ($plan === null) {
            return null;
        }
        $conductors = array_sum(array_map(fn ($cable) => count($cable->cores), $plan->wiring->board->cables));

        return new self($feedAt, $lampAt, $order, $plan, count($plan->wiring->joints), $conductors, self::DIFFICULTY[$plan->result->scheme()->value ?? SchemeName::Single->value] ?? 3);
    }

    public function board(): Board
    {
        return $this->plan->wiring->board;
    }

    public function name(): string
    {
        return "$this->feedAt $this->lampAt $this->order";
    }
}
