<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Hunt\HandWork;
use Zwindle\Hunt\NewPart;
use Zwindle\Plan\Planner;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

const ACTS_EACH = 8;

/** Something that hands might do in a box, sense or none: a step, a part of any kind, a screw tightened, a new run. */
function anyAct(Wiring $look, Randomizer $random): Act
{
    $one = fn (array $of): mixed => array_values($of)[$random->getInt(0, count($of) - 1)];
    $places = PlaceMap::of($look);
    $box = $look->points[$one(array_keys($look->points))]->enclosure;
    $points = array_keys(array_filter($look->points, fn ($point) => $point->enclosure === $box));
    $some = array_values(array_unique([$places->placeOf($one($points)), $places->placeOf($one($points))]));
    $device = $one(array_filter($look->board->devices, fn ($device) => NewPart::fitting($look, $device) !== []));

    return match ($random->getInt(0, 8)) {
        0, 1, 2 => Act::work(Step::of(['do' => 'land', 'points' => $some, 'on' => $places->placeOf($one($points))])),
        3, 4 => Act::work(Step::of(['do' => 'gather', 'points' => $some, 'by' => $look->board->practice->connectorFor(3), 'ports' => null])),
        5 => Act::work(Step::of(['do' => $one(['take', 'cap', 'undo', 'redo']), 'points' => $some])),
        6 => Act::of(ActKind::Fit, $device->id.'|'.$one(array_keys(NewPart::fitting($look, $device)))),
        7 => Act::of(ActKind::Tighten, $one($points)),
        default => Act::of(ActKind::NewRun, $one(array_keys($look->board->cables))),
    };
}

it('agrees with ngspice on boards with faults that hands have been at, wrong parts fitted and all', function () {
    $random = new Randomizer(new Mt19937(1129));
    $circuits = [];
    $done = $right = 0;
    foreach ([...glob(Files::path('database/patterns/*.board.json')) ?: [], ...glob(Files::path('database/demo/*/board.json')) ?: []] as $path) {
        $plan = Planner::plan(Files::board(substr($path, strlen(Files::path('')))))->plans[0] ?? null;
        $mistakes = $plan === null ? [] : Mistakes::on($plan->wiring);
        foreach ($mistakes === [] ? [] : $random->pickArrayKeys($mistakes, min(4, count($mistakes))) as $i) {
            // Of a lamp that is burned out there is no resistance to simulate.
            if ($mistakes[$i]->kind === MistakeKind::LampBlown) {
                continue;
            }
            $work = HandWork::on((new FaultyBoard($plan->wiring, [$mistakes[$i]]))->untouched());
            for ($k = 0; $k < ACTS_EACH; $k++) {
                $after = $work->afterIfItFits(anyAct($work->now->look, $random));
                $done += $after === $work ? 0 : 1;
                $work = $after;
            }
            $circuits[basename(dirname($path)).'/'.basename($path).', '.$mistakes[$i]->id()] = $work->now->circuit();
            $right += $work->now->isMended() ? 1 : 0;
        }
    }
    $compared = Ngspice::compareCircuits($circuits);

    expect($compared['differences'])->toBe([])->and(count($circuits))->toBeGreaterThan(100)->and($compared['states'])->toBeGreaterThan(400)
        ->and($done)->toBeGreaterThan(300)->and($right)->toBeLessThan(count($circuits) / 4);
});
