<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanStep;

/** A step of a plan as it is worded at the box. */
final readonly class PlanStepSentence
{
    private Words $words;

    public function __construct(private Plan $plan)
    {
        $this->words = Words::of($plan->wiring);
    }

    public function of(PlanStep $step): string
    {
        return Str::ucfirst($this->text($step));
    }

    /** @return list<string> points that the step is about */
    public function pointsOf(PlanStep $step): array
    {
        $end = $step->mark ?? $step->cap;

        return $end === null ? $this->plan->wiring->joints[(int) $step->joint]->points : [$end];
    }

    public function boxOf(PlanStep $step): string
    {
        return $this->words->enclosureOf($this->pointsOf($step)[0]);
    }

    private function text(PlanStep $step): string
    {
        $end = $step->mark ?? $step->cap;
        if ($end !== null) {
            return $this->words->say($step->mark === null ? 'plan.cap' : 'plan.mark', [
                'end' => $this->words->coded($end),
                'box' => $this->words->box($this->words->enclosureOf($end)),
                'as' => $this->words->role($this->plan->wiring->markOn($end)->value ?? 'none'),
            ]);
        }
        $joint = $this->plan->wiring->joints[(int) $step->joint];
        $role = $this->plan->result->evidence->roles->at($joint->points[0])[0]->value;

        return $joint->by->isConnector() ? $this->connector($joint, $role) : $this->landing($joint, $role);
    }

    private function connector(Joint $joint, string $role): string
    {
        return $this->words->say('plan.join', [
            'box' => $this->words->box($joint->enclosure),
            'points' => $this->words->list(array_map($this->words->coded(...), $joint->points)),
            'connector' => $this->words->say("plan.connector.{$joint->by->value}", ['ports' => (int) $joint->ports]),
            'role' => $this->words->role($role),
        ]);
    }

    private function landing(Joint $joint, string $role): string
    {
        $fixed = array_values(array_filter($joint->points, fn (string $point) => $this->plan->wiring->points[$point]->isFixed()));

        return $this->words->say('plan.land', [
            'box' => $this->words->box($joint->enclosure),
            'points' => $this->words->list(array_map($this->words->coded(...), array_values(array_diff($joint->points, $fixed)))),
            'on' => $this->words->shortPlace($fixed[0]),
            'role' => $this->words->role($role),
        ]);
    }
}
