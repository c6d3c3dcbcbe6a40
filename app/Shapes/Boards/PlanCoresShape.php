<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Words;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Plan\Plan;

/**
 * What each core of a plan carries, run by run.
 *
 * @phpstan-type RunCores array{cable: string, type: string, from: string, to: string,
 *     cores: list<array{colour: string, flag: string, name: string, rank: int, role: string}>}
 */
final class PlanCoresShape
{
    /** @return list<RunCores> */
    public static function of(Plan $plan): array
    {
        $words = Words::of($plan->wiring);
        $roles = $plan->result->evidence->roles;

        return array_map(fn (Cable $cable) => [
            'cable' => $cable->id,
            'type' => $cable->type->print,
            'from' => $words->box($cable->from),
            'to' => $words->box($cable->to),
            'cores' => array_values(array_map(fn (Core $core) => [
                'colour' => $core->colour->value,
                'flag' => $core->colour->flag($plan->wiring->board->practice),
                'name' => $words->say('parts.colour.'.$core->colour->value),
                'rank' => self::rank($roles->ofCore($core)),
                'role' => $words->role($roles->ofCore($core)->value),
            ], $cable->cores)),
        ], array_values($plan->wiring->board->cables));
    }

    /** When it is brought in: earths first, then neutrals, then what goes to the light, the line, the travellers last; 0 for never. */
    private static function rank(Role $role): int
    {
        return (int) array_search($role, [
            Role::None, Role::Earth, Role::Neutral, Role::SwitchedLine, Role::Line, Role::Traveller,
        ], true);
    }
}
