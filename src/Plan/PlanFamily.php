<?php

declare(strict_types=1);

namespace Zwindle\Plan;

use Zwindle\Board\Core;

/** Plans that are one but for which color carries what: the same cables carry the same, in the same order of switches. */
final class PlanFamily
{
    public static function of(Plan $plan): string
    {
        $carried = [];
        foreach ($plan->wiring->board->cables as $cable) {
            $roles = array_map(fn (Core $core) => $plan->roleOf($core)->value, array_values($cable->cores));
            sort($roles);
            $carried[$cable->id] = $roles;
        }
        $chains = array_map(fn ($chain) => $chain->switches, $plan->chains);

        return (string) json_encode([$plan->result->scheme()?->value, $chains, $carried]);
    }
}
