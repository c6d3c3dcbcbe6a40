<?php

declare(strict_types=1);

use App\Shapes\Classes\DebriefShape;
use App\Wording\Headline;
use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\Pinpoint;
use Zwindle\Repair\RepairSearch;

function headlineOf(Wiring $wiring): string
{
    $result = Pinpoint::of(Checker::check($wiring));

    return (new Headline($result, Advice::of($result)))->sentence();
}

it('names cause and place of two mistakes', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $both = Build::exchange(Build::exchange($right, 'S1.common', 'S1.t1'), 'S2.a2', 'S2.b1');

    expect(headlineOf($both))->toContain('common and a traveler are swapped at Loading door')->toContain(
        'and a pair is split across the four-way at Potting line',
    );
});

it('says of a lamp that never lights what keeps it dark, not what else is crossed', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $loose = Mover::make(Build::exchange($right, 'S2.common', 'S2.t1'), [Move::of('W1.black@B1', 'S1.common', Move::CAP)]);

    expect(headlineOf($loose))->toStartWith('Never lights: a conductor is disconnected at Gate post')
        ->and((new DebriefShape(Advice::of(Checker::check($loose))))->mistakes()[0])->not->toContain('exchanged at the switch at Gate post');
});

it('looks for a repair only where no finding names the cause', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $result = Checker::check(Build::exchange(Build::exchange($right, 'S1.common', 'S1.t1'), 'S2.a2', 'S2.b1'));
    $isLookedFor = fn () => isset((new ReflectionProperty(RepairSearch::class, 'known'))->getValue()[$result->evidence]);

    (new Headline($result, Advice::of($result)))->sentence();
    expect($isLookedFor())->toBeFalse();
    Advice::of($result)->first();
    expect($isLookedFor())->toBeTrue();
});

it('puts a short at the rose, sleeved or not', function (bool $isSleeved) {
    $wrong = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/drop-in-neutral-block.wiring.json');
    $marks = array_diff_key($wrong->marks, $isSleeved ? [] : ['W2.blue@R1' => true, 'W2.blue@K1' => true]);

    expect(headlineOf(Wiring::of(
        $wrong->board,
        $wrong->joints,
        $wrong->caps,
        $marks,
    )))->toBe('Trips in 1 of 2 combinations: line and neutral are connected together in Boat store rose.');
})->with([true, false]);

it('always names a place in a headline that fails, whatever was done to a board', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $labels = ['the supply', ...array_map(fn (Enclosure $box) => $box->label, array_values($right->board->enclosures))];
    $random = new RandomWiring(seed: 311);
    $placeless = [];
    $failed = 0;
    for ($i = 0; $i < 25; $i++) {
        [$wrong] = $random->moved($right, 1 + $i % 4);
        if (Checker::check($wrong)->verdict !== Verdict::Fail) {
            continue;
        }
        $failed++;
        $said = headlineOf($wrong);
        array_filter($labels, fn (string $label) => str_contains($said, $label)) !== [] || $placeless[] = $said;
    }

    expect($failed)->toBeGreaterThan(10)->and($placeless)->toBe([]);
})->with(['propagation-house', 'packing-barn', 'seed-store', 'tool-locker', 'boat-store', 'towpath-workshop']);
