<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Exam\Task\NoWayToPass;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Exam\Task\RuleWeight;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Problem\Problems;

/** @param  list<Wiring>  $wirings */
function asPlanned(array $wirings, bool $isTruncated = false): Planning
{
    return new Planning(array_map(fn (Wiring $one) => new Plan($one, Checker::check($one), [], 0), $wirings), [], null, $isTruncated);
}

/** @return list<string> */
function failsAll(RulesInForce $rules, Planning $all): array
{
    return array_map(fn (Finding $one) => $one->code->value, NoWayToPass::on($rules, $all));
}

it('finds none where one of several wirings may pass, and says what fails all', function () {
    $right = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json');
    $unsleeved = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/unsleeved.wiring.json');
    $bare = Wiring::bare($right->board);
    $rules = new RulesInForce;

    expect(failsAll($rules, asPlanned([$right])))->toBe([])
        ->and(failsAll($rules, asPlanned([$unsleeved])))->toBe([])
        // One fails and the other does not: what may pass is not refused.
        ->and(failsAll($rules, asPlanned([$bare, $right])))->toBe([])
        ->and(failsAll($rules, asPlanned([])))->toBe([])
        ->and(failsAll($rules, asPlanned([$bare])))->not->toBe([])
        // Of a list that was cut short somebody may know another wiring.
        ->and(failsAll($rules, asPlanned([$bare], isTruncated: true)))->toBe([]);
});

it('knows that a box stays too small, though not every plan is known', function () {
    $small = json_decode(Files::text('database/demo/propagation-house/board.json'));
    $small->enclosures[1]->box = 'device-3x2x1.5';
    $all = Planner::plan(BoardReader::read((string) json_encode($small), new Problems), all: true);
    $cutShort = new Planning($all->plans, [], null, true);
    $strict = new RulesInForce([FindingCode::BoxOverfilled->value => RuleWeight::Fault]);

    expect(failsAll($strict, $all))->toBe(['box-overfilled'])
        ->and(failsAll($strict, $cutShort))->toBe(['box-overfilled'])
        ->and(failsAll(new RulesInForce([FindingCode::BoxOverfilled->value => RuleWeight::Remark]), $all))->toBe([]);
});
