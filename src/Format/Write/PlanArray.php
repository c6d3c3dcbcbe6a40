<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Board\Cable;
use Zwindle\Plan\Plan;

/** A plan in the shape of the contract, without its steps. */
final class PlanArray
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $conductors = [];
        foreach ($plan->result->evidence->cores() as $core) {
            $conductors[$core->id()] = $plan->roleOf($core)->value;
        }

        return [
            'scheme' => $plan->result->scheme()?->value,
            'verdict' => $plan->result->verdict->value,
            'cables' => array_map(fn (Cable $cable) => $cable->type->id, $plan->wiring->board->cables),
            'wiring' => WiringArray::of($plan->wiring),
            'conductors' => $conductors,
        ];
    }
}
