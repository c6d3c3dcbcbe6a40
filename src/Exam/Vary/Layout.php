<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use Zwindle\Board\Board;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Search\Chain;

/** One way to lay a board out, with the cables of a right wiring of it and the work that it takes. */
final readonly class Layout
{
    /** How much there is to think about, by scheme; common practice. */
    private const DIFFICULTY = ['single' => 1, 'feed-through' => 2, 'dead-end' => 3, 'light-fed' => 3, 'common-link' => 3];

    /** @param  array<string, string>  $lampsAt  box of a light → the box that its cable comes from; empty: it has several */
    private function __construct(
        public string $feedAt,
        public array $lampsAt,
        public string $order,
        public Board $board,
        public int $joints,
        public int $conductors,
        public int $difficulty,
    ) {
    }

    /**
     * @param  array<string, string>  $lampsAt
     * @return self|null null if the board cannot be wired so
     */
    public static function of(Board $board, string $feedAt, array $lampsAt, string $order): ?self
    {
        $plan = Planner::plan($board)->plans[0] ?? null;
        if ($plan === null || self::isByDisputeAlone($plan)) {
            return null;
        }
        $conductors = array_sum(array_map(fn ($cable) => count($cable->cores), $plan->wiring->board->cables));

        return new self(
            $feedAt,
            $lampsAt,
            $order,
            $plan->wiring->board,
            count($plan->wiring->joints),
            $conductors,
            self::DIFFICULTY[$plan->result->scheme()->value ?? SchemeName::Single->value] ?? 3,
        );
    }

    /** A four-way between linked commons is refused by many North American inspectors: no seat gets a board that is wired no other way. */
    private static function isByDisputeAlone(Plan $plan): bool
    {
        $linked = array_filter($plan->chains, fn (Chain $chain) => $chain->linkedAt !== null && count($chain->switches) > 2);

        return $linked !== [] && Planner::isDisputed($plan->result);
    }

    public function name(): string
    {
        return implode(' ', [$this->feedAt, ...$this->lampsAt, $this->order]);
    }
}
