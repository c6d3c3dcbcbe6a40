<?php

declare(strict_types=1);

use Tests\Support\Chain;
use Tests\Support\Files;
use Tests\Support\Hub;
use Zwindle\Check\Checker;
use Zwindle\Exam\Grading\Attack;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\NoRepair;
use Zwindle\Repair\RepairSearch;

it('is never up without a limit, and not up again once the limited work is over', function () {
    expect(TimeLimit::isUp())->toBeFalse();
    $inside = TimeLimit::within(fn () => true, function (): bool {
        for ($i = 0; $i < 100; $i++) {
            if (TimeLimit::isUp()) {
                return true;
            }
        }

        return false;
    });
    expect($inside)->toBeTrue()->and(TimeLimit::isUp())->toBeFalse();
});

it('says "not finished" of a search that is cut off, and never that something is impossible', function () {
    $cutOff = fn (Closure $work) => TimeLimit::within(fn () => true, $work);
    $short = Hub::board([5 => 'na-14-3']);
    $planning = $cutOff(fn () => Planner::plan($short));
    $broken = Mistakes::ofHandOn(Chain::wiring(6))[0]->madeOn(Chain::wiring(6));

    expect($planning->plans)->toBe([])->and($planning->reason)->toBe(NoPlan::NotFinished)->and($planning->isFinished())->toBeFalse()
        ->and($cutOff(fn () => Refusal::of($planning, $short))->ways)->toBe([])
        ->and($cutOff(fn () => RepairSearch::of(Checker::check($broken)))->reason)->toBe(NoRepair::NotFinished);
});

it('tells what an attack found by the time it was cut off', function () {
    $plan = Planner::plan(Files::board('database/demo/packing-barn/board.json'))->plans[0];
    $marking = GradingSchemeReader::read(Files::text('database/markings/wiring.marking.json'), new Problems);
    $asked = 0;
    $attack = TimeLimit::within(function () use (&$asked): bool {
        return $asked++ > 0;
    }, fn () => Attack::on(new TaskFile('t', TaskKind::Wire, TaskMode::Exam), $marking, $plan));

    expect($attack->isFinished)->toBeFalse()->and($attack->mistakes)->toBeGreaterThan(2);
});
