<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\OddButRight;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;

function demoRight(string $slug): Wiring
{
    return Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
}

function contractRight(string $name): Wiring
{
    return Files::wiring("tests/Corpus/contract/$name.board.json", "tests/Corpus/contract/$name.wiring.json");
}

/** @return list<string> what costs something: notes are free */
function dearCodes(Result $result): array
{
    $dear = array_filter($result->findings, fn (Finding $finding) => $finding->code->severity() !== Severity::Note);

    return array_values(array_map(fn (Finding $finding) => $finding->code->value, $dear));
}

it('calls a right wiring right however odd it looks', function (Wiring $wiring) {
    $result = Checker::check($wiring);

    expect(dearCodes($result))->toBe([])
        ->and($result->verdict)->toBe(Verdict::Pass);
})->with([
    'travelers exchanged at one end' => fn () => Build::exchange(demoRight('propagation-house'), 'S1.t1', 'S1.t2'),
    'travelers exchanged at both ends' => fn () => Build::exchange(
        Build::exchange(demoRight('propagation-house'), 'S1.t1', 'S1.t2'),
        'S2.t1',
        'S2.t2',
    ),
    'pairs of a four-way exchanged' => fn () => Build::renamed(demoRight('packing-barn'), [
        'S2.a1' => 'S2.b1',
        'S2.a2' => 'S2.b2',
        'S2.b1' => 'S2.a1',
        'S2.b2' => 'S2.a2',
    ]),
    'one pair turned' => fn () => Build::exchange(demoRight('packing-barn'), 'S2.a1', 'S2.a2'),
    'single-pole terminals exchanged' => fn () => Build::exchange(demoRight('tool-locker'), 'S1.a', 'S1.b'),
    'strappers exchanged at the intermediate' => fn () => Build::exchange(demoRight('towpath-workshop'), 'S2.b1', 'S2.b2'),
    'COM and L1 exchanged on a one-way' => fn () => Build::exchange(demoRight('boat-store'), 'S1.com', 'S1.l1'),
    'supply cable colours kept, red as the hot and black as the return' => fn () => Build::exchange(
        Build::exchange(demoRight('tool-locker'), 'W2.black@L1', 'W2.red@L1'),
        'W2.black@B1',
        'W2.red@B1',
    ),
]);

it('takes every permutation of the common-link cable, sleeved where it is not brown', function (array $order) {
    $right = contractRight('gb-two-way-common-link');
    $names = [];
    foreach (['K1', 'K2'] as $box) {
        foreach (['brown', 'black', 'grey'] as $i => $core) {
            $names["W3.$core@$box"] = "W3.$order[$i]@$box";
        }
    }
    $sleeved = Build::marked(Build::renamed($right, $names), 'W3.black@K1', 'W3.black@K2', 'W3.grey@K1', 'W3.grey@K2');
    $result = Checker::check($sleeved);

    expect(dearCodes($result))->toBe([])->and($result->scheme()?->value)->toBe('common-link');
})->with([
    [['brown', 'black', 'grey']], [['brown', 'grey', 'black']], [['black', 'brown', 'grey']],
    [['black', 'grey', 'brown']], [['grey', 'brown', 'black']], [['grey', 'black', 'brown']],
]);

it('names the scheme from the nets', function (Wiring $wiring, string $scheme) {
    expect(Checker::check($wiring)->scheme()?->value)->toBe($scheme);
})->with([
    'three-way straight through' => [fn () => demoRight('propagation-house'), 'feed-through'],
    'single fed at the light' => [fn () => demoRight('tool-locker'), 'light-fed'],
    'looped in at the rose' => [fn () => demoRight('boat-store'), 'light-fed'],
    'singles' => [fn () => demoRight('towpath-workshop'), 'feed-through'],
    'dead-end, line out on the white' => [fn () => contractRight('na-three-way-dead-end'), 'dead-end'],
    'dead-end, return on the white' => [
        fn () => Build::exchange(contractRight('na-three-way-dead-end'), 'W1.black@B1', 'W2.black@B1'),
        'dead-end',
    ],
    'common-link' => [fn () => contractRight('gb-two-way-common-link'), 'common-link'],
]);

it('calls relabelled and reordered wirings the same', function (string $board, string $wiring) {
    $original = Files::wiring($board, $wiring);
    $joints = array_reverse(array_map(
        fn ($joint) => new Zwindle\Board\Wiring\Joint($joint->enclosure, array_reverse($joint->points), $joint->by, $joint->ports),
        $original->joints,
    ));
    $reordered = Wiring::of(
        $original->board,
        $joints,
        array_reverse($original->caps),
        array_reverse($original->marks, true),
        $original->fitted,
    );
    $codes = function (Wiring $wiring): array {
        $codes = array_map(fn (Finding $finding) => $finding->code->value, Checker::check($wiring)->findings);
        sort($codes);

        return $codes;
    };

    expect($codes($reordered))->toBe($codes($original))
        ->and(Checker::check($reordered)->verdict)->toBe(Checker::check($original)->verdict);
})->with(Files::everyWiring());

it('calls every odd-looking variant of a right wiring right, and by the same name', function (string $board, string $wiring) {
    $right = Files::wiring($board, $wiring);
    $schemes = Checker::check($right)->evidence->schemes;
    $variants = OddButRight::variantsOf($right);
    $wrong = [];
    foreach ($variants as $what => $variant) {
        $result = Checker::check($variant);
        if ($result->verdict !== Verdict::Pass || $result->evidence->schemes !== $schemes) {
            $wrong[$what] = dearCodes($result);
        }
    }

    expect($wrong)->toBe([])->and(count($variants))->toBeGreaterThan(15);
})->with(Files::rightWirings());
