<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Exceptions\NotThere;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use Zwindle\Bench\PlaceMap;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Meter;
use Zwindle\Exam\Task\Help;

/** What a tester shows between two places of a bench as it stands, where the task allows one. */
final class TestPoints
{
    /**
     * Refuses where no tester is allowed, and places that are not on the board.
     *
     * @param  list<string>  $down  switches that are down; the rest are up
     * @return array{volt: float, ohm: float|null, floats: bool}
     */
    public function execute(Attempt $attempt, string $one, string $other, array $down): array
    {
        if (! ($attempt->task()?->allows(Help::Tester) ?? false)) {
            throw new NotThere;
        }
        $wiring = $attempt->stepLog()->bench()->wiring();
        $places = PlaceMap::of($wiring);
        foreach ([$one, $other] as $place) {
            $places->find($place) ?? throw WorkRefused::because(['one' => __('messages.no-place')]);
        }
        $circuit = Circuit::of($wiring);
        $state = $circuit->stateWith($down);
        $meter = new Meter($circuit);
        [$from, $to] = [$places->pointAt($one), $places->pointAt($other)];

        return [
            'volt' => round($meter->volt($state, $from, $to), 1),
            'ohm' => $meter->ohm($state, $from, $to),
            'floats' => $meter->floats($state, $from) || $meter->floats($state, $to),
        ];
    }
}
