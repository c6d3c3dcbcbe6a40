<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Plan\Plan;

/** What tells a plan from another one: the cores that carry something else, run by run, and the order of the chain. */
final readonly class PlanDifference
{
    private Words $words;

    public function __construct(Board $board)
    {
        $this->words = new Words($board);
    }

    /** @return list<string> `W3: white traveler, red hot`; empty for the same plan */
    public function differences(Plan $plan, Plan $other): array
    {
        $lines = [];
        foreach ($plan->wiring->board->cables as $cable) {
            $cores = array_filter($cable->cores, fn (Core $core) => self::role($plan, $core) !== $this->roleIn($other, $cable, $core));
            $parts = array_map(
                fn (Core $core) => $this->words->say('parts.colour.'.$core->colour->value).' '.$this->words->role(self::role($plan, $core)),
                array_values($cores),
            );
            $lines = [...$lines, ...($parts === [] ? [] : ["$cable->id: ".implode(', ', $parts)])];
        }
        foreach ($plan->chains as $i => $chain) {
            if ($chain->switches !== ($other->chains[$i] ?? null)?->switches) {
                $lines[] = implode(' → ', $chain->switches);
            }
        }

        return $lines;
    }

    private function roleIn(Plan $plan, Cable $cable, Core $core): ?string
    {
        $same = $plan->wiring->board->cables[$cable->id]->cores[$core->name] ?? null;

        return $same === null ? null : self::role($plan, $same);
    }

    private static function role(Plan $plan, Core $core): string
    {
        return $plan->roleOf($core)->value;
    }
}
