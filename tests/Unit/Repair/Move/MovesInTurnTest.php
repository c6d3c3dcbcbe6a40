<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\MoveNotPossible;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\Move\MovesInTurn;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\RepairSearch;

/** The two-way extension with a one-way plate fitted at one end: what stood on its second throw is capped. */
function oneWayForTwoWay(): Wiring
{
    $right = Files::wiring('database/demo/towpath-workshop/board.json', 'database/demo/towpath-workshop/right.wiring.json');
    $switch = $right->board->controls[0]->switches[0];
    $end = array_values(array_diff($right->jointAt("$switch.l2")->points, ["$switch.l2"]))[0];
    $off = Mover::make($right, [Move::of($end, "$switch.l2", Move::CAP)]);

    return Wiring::of($off->board, $off->joints, $off->caps, $off->marks, [$switch => DeviceCatalogue::find('gb-switch-1way')]);
}

it('repairs a two-way fitted with a one-way by putting the board\'s own part back', function () {
    $wrong = oneWayForTwoWay();
    $repairs = RepairSearch::of(Checker::check($wrong))->repairs;
    $moves = $repairs[0]->moves;

    expect(count($moves))->toBe(2)->and($moves[0]->fit)->toBe('gb-switch-2way')->and($moves[1]->to)->toEndWith('.l2')
        ->and(Checker::check(Mover::make($wrong, $moves))->verdict)->not->toBe(Verdict::Fail)
        ->and(NearestPlan::to($wrong))->not->toBeNull();
});

it('refuses a move to a terminal that the part has not got yet', function () {
    $wrong = oneWayForTwoWay();
    $moves = RepairSearch::of(Checker::check($wrong))->repairs[0]->moves;
    Mover::make($wrong, array_reverse($moves));
})->throws(MoveNotPossible::class);

it('refuses a part without a place for what is still held', function () {
    $right = Files::wiring('database/demo/towpath-workshop/board.json', 'database/demo/towpath-workshop/right.wiring.json');
    Mover::make($right, [Move::fit($right->board->controls[0]->switches[0], 'gb-switch-1way')]);
})->throws(MoveNotPossible::class);

it('names where an end stands when its turn comes', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    // W2.red and W3.red left alone by what went before them count as capped.
    $said = MovesInTurn::said($right, [Move::of('W1.white@B1', 'W2.white@B1', Move::CAP), Move::of('W2.white@B1', 'W1.white@B1', 'S1.t1')]);

    expect($said[1]->from)->toBe(Move::CAP);
});

it('leaves out a move that would change nothing', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');

    expect(MovesInTurn::said($right, [Move::of('W1.white@B1', 'W2.white@B1', 'W2.white@B1')]))->toBe([]);
});

it('moves nothing to itself', function () {
    $right = Tests\Support\Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');

    expect(Zwindle\Repair\Move\Mover::tryToMake($right, [Move::of('S1.common', 'S1.t1', 'S1.common')]))->toBeNull();
});
