<?php

declare(strict_types=1);

namespace Zwindle\Plan;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Circuit\Scheme\Role;

/**
 * A plan as instructions, each end marked before it is joined.
 *
 * Source: both orders of work are common practice of the trade.
 */
final readonly class PlanSteps
{
    /** @var array<string, int> enclosure → runs from the supply */
    private array $distance;

    private function __construct(private Plan $plan)
    {
        $board = $plan->wiring->board;
        $start = $board->supply()->enclosure;
        $distance = [$start => 0];
        $next = [$start];
        for ($i = 0; isset($next[$i]); $i++) {
            foreach ($board->cablesIn($next[$i]) as $cable) {
                $far = $cable->farFrom($next[$i]);
                if (! isset($distance[$far])) {
                    $distance[$far] = $distance[$next[$i]] + 1;
                    $next[] = $far;
                }
            }
        }
        $this->distance = $distance;
    }

    /**
     * @param  list<int>  $standing  joints that stand already: nothing need be done for them
     * @return list<PlanStep>
     */
    public static function of(Plan $plan, StepOrder $order, array $standing = []): array
    {
        $steps = new self($plan);
        $joints = array_values(array_diff(array_keys($plan->wiring->joints), $standing));
        $keys = array_map(fn (Joint $joint) => $steps->key($joint, $order), $plan->wiring->joints);
        usort($joints, fn (int $one, int $other) => [...$keys[$one], $one] <=> [...$keys[$other], $other]);
        $made = [];
        foreach ($joints as $joint) {
            foreach ($plan->wiring->joints[$joint]->points as $point) {
                if ($plan->wiring->markOn($point) !== null) {
                    $made[] = PlanStep::mark($point);
                }
            }
            $made[] = PlanStep::join($joint);
        }

        return [...$made, ...array_map(PlanStep::cap(...), $plan->wiring->caps)];
    }

    /** @return list<list<int|string>> for each joint what it is sorted by: equal ones may be made in any order */
    public static function ranks(Plan $plan, StepOrder $order): array
    {
        $steps = new self($plan);

        return array_map(fn (Joint $joint) => $steps->key($joint, $order), $plan->wiring->joints);
    }

    /** @return list<int|string> what a joint is sorted by */
    private function key(Joint $joint, StepOrder $order): array
    {
        $role = $this->plan->result->evidence->roles->at($joint->points[0])[0];
        $isSupply = $joint->enclosure === $this->plan->wiring->board->supply()->enclosure;
        // The supply comes last, whichever way round: until then nothing can be live.
        $distance = $isSupply ? PHP_INT_MAX : $this->distance[$joint->enclosure];
        if ($order === StepOrder::BoxByBox) {
            $rank = match ($role) {
                Role::Earth => 0, Role::Neutral => 1, Role::Line, Role::SwitchedLine => 2, default => 3,
            };

            return [$distance, $joint->enclosure, $rank];
        }
        $rank = match ($role) {
            Role::Earth => 0, Role::Neutral => 1, Role::SwitchedLine => 2, Role::Line => 3, default => 4,
        };

        return [$isSupply ? 1 : 0, $rank, -$distance, $joint->enclosure];
    }
}
