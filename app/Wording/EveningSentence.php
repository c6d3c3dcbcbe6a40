<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Evening\Conflict;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Sitting;

/** What there is to say of an evening's plan. */
final readonly class EveningSentence
{
    public function __construct(private EveningDraft $evening)
    {
    }

    public function conflict(Conflict $conflict): string
    {
        $names = array_map(fn (Sitting $sitting) => $this->evening->people[$sitting->person]->name, $conflict->sittings);

        return __("evening.conflict.{$conflict->rule->value}", [
            'first' => $names[0],
            'second' => $names[1] ?? '',
            'station' => $this->evening->stations[$conflict->sittings[0]->station]->label,
        ]);
    }

    public static function impossible(NoEvening $reason): string
    {
        return __("evening.impossible.$reason->value");
    }

    public static function proof(EveningPlan $plan): string
    {
        return $plan->isProved() ? __('evening.proved') : __('evening.bound', ['atLeast' => $plan->atLeast]);
    }
}
