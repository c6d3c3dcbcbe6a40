<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Words;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Plan\Plan;

/** Where every conductor end of a plan goes: one row an end, box by box. */
final readonly class WiringSchedule
{
    private Words $words;

    public function __construct(private Plan $plan)
    {
        $this->words = Words::of($plan->wiring);
    }

    /** @return list<array{box: string, cable: string, conductor: string, carries: string, lands: string, mark: string}> */
    public function rows(): array
    {
        $rows = [];
        $wiring = $this->plan->wiring;
        foreach ($wiring->points as $id => $point) {
            if ($point->core !== null) {
                $rows[] = [
                    'box' => $this->words->box($point->enclosure),
                    'cable' => $point->core->cable,
                    'conductor' => $point->core->colour->flag($wiring->board->practice).' '.$this->words->say(
                        "parts.colour.{$point->core->colour->value}",
                    ),
                    'carries' => $this->words->role($this->plan->result->evidence->roles->at($id)[0]->value),
                    'lands' => $this->lands($id),
                    'mark' => isset($wiring->marks[$id]) ? $this->words->role($wiring->marks[$id]->value) : '',
                ];
            }
        }

        return $rows;
    }

    private function lands(string $end): string
    {
        $joint = $this->plan->wiring->jointAt($end);
        if ($joint === null) {
            return $this->words->say('materials-words.capped');
        }
        $others = array_values(array_diff($joint->points, [$end]));

        return $joint->by->isConnector()
            ? $this->words->say('materials-words.joined', [
                'connector' => $this->connector($joint),
                'points' => $this->words->list(array_map($this->words->coded(...), $others)),
            ])
            : $this->words->list(array_map($this->words->shortPlace(...), $others));
    }

    private function connector(Joint $joint): string
    {
        return $this->words->say("plan.connector.{$joint->by->value}", ['ports' => (int) $joint->ports]);
    }
}
