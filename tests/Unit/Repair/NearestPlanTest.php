<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\LinkedChain;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Format\Read\EarlierWiring;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\NearestPlan;

const HOUSE = 'database/demo/propagation-house';

/** @return list<string> what is joined with what */
function partition(Wiring $wiring): array
{
    $joints = array_map(function (Joint $joint): string {
        $points = $joint->points;
        sort($points);

        return implode(' ', $points);
    }, $wiring->joints);
    sort($joints);

    return $joints;
}

/**
 * The library board changed, and the wiring that stood on it before.
 *
 * @param  callable(array<string, mixed>): array<string, mixed>  $change
 */
function earlier(string $folder, callable $change): EarlierWiring
{
    $problems = new Problems;
    $board = Build::board($change(json_decode(Files::text("$folder/board.json"), true)));

    return EarlierWiring::read(Files::text("$folder/right.wiring.json"), $board, $problems)
        ?? throw new RuntimeException((string) json_encode($problems->all()));
}

$addLamp = function (array $board): array {
    $board['enclosures'][] = ['id' => 'L2', 'kind' => 'light-box', 'material' => 'metal', 'box' => 'octagon-4x1.5'];
    $board['devices'][] = ['id' => 'LB', 'in' => 'L2', 'model' => 'na-lampholder'];
    $board['cables'][] = ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'L1', 'to' => 'L2'];
    $board['controls'][0]['lamps'][] = 'LB';

    return $board;
};
$addFourWay = function (array $board): array {
    $board['enclosures'][] = ['id' => 'B3', 'kind' => 'switch-box', 'material' => 'plastic', 'volumeIn3' => 20.3];
    $board['devices'][] = ['id' => 'S3', 'in' => 'B3', 'model' => 'na-switch-4way'];
    $board['cables'] = array_map(fn (array $cable) => $cable['id'] === 'W2' ? [...$cable, 'to' => 'B3'] : $cable, $board['cables']);
    $board['cables'][] = ['id' => 'W4', 'type' => 'na-14-3', 'from' => 'B3', 'to' => 'B2'];
    $board['controls'][0]['switches'] = ['S1', 'S3', 'S2'];

    return $board;
};
$addReceptacle = function (array $board): array {
    $board['devices'][] = ['id' => 'RC', 'in' => 'B1', 'model' => 'na-receptacle'];
    $board['alwaysOn'] = ['RC'];

    return $board;
};
$addSwitch = function (array $board): array {
    // A light that had none, and a switch for it in the box by the gate.
    $board['enclosures'][] = ['id' => 'L2', 'kind' => 'light-box', 'material' => 'metal', 'box' => 'octagon-4x1.5'];
    $board['devices'][] = ['id' => 'LB', 'in' => 'L2', 'model' => 'na-lampholder'];
    $board['devices'][] = ['id' => 'S3', 'in' => 'B1', 'model' => 'na-switch-1p'];
    $board['cables'][] = ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'L2'];
    $board['controls'][] = ['lamps' => ['LB'], 'switches' => ['S3']];

    return $board;
};

it('adds to what exists and keeps what can stay', function (callable $change, int $kept, int $off, array $gone) {
    $earlier = earlier(HOUSE, $change);
    $nearest = NearestPlan::to($earlier->wiring);

    $codes = array_map(fn (Finding $finding) => $finding->code, $nearest?->plan->result->findings ?? []);

    // A box that gets too small is the board's fault and stops no plan.
    expect($nearest)->not->toBeNull()->and(array_diff(array_column($codes, 'value'), ['box-overfilled']))->toBe([])
        ->and(count($nearest->kept))->toBe($kept)
        ->and(count($nearest->comesOff()))->toBe($off)
        ->and($earlier->gone)->toBe($gone);
})->with([
    'another lamp, fed from the first' => [$addLamp, 13, 0, []],
    'a four-way between the three-ways: the cable that ends in another box now is gone there' => [$addFourWay, 12, 0, [
        'W2.bare@B2',
        'W2.white@B2',
        'W2.black@B2',
        'W2.red@B2',
    ]],
    'a receptacle that is always live' => [$addReceptacle, 13, 0, []],
    'a light with a switch of its own' => [$addSwitch, 13, 0, []],
]);

it('has nothing to do on a right wiring', function (string $board, string $file) {
    $nearest = NearestPlan::to(Files::wiring($board, $file));

    expect($nearest?->moves)->toBe([])->and($nearest?->unmarked)->toBe([]);
})->with(Files::rightWirings());

it('comes by its moves from what stands to the plan that it names', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 8);
    for ($i = 1; $i <= 6; $i++) {
        [$spoilt, $made] = $random->moved($right, $i % 3 + 1);
        $nearest = NearestPlan::to($spoilt);
        $there = Mover::make($spoilt, $nearest->moves ?? []);
        $conductors = array_filter($nearest->moves ?? [], fn (Move $move) => $move->from !== null && $move->from !== Move::LOOSE);

        expect(partition($there))->toBe(partition($nearest->plan->wiring))
            ->and(Checker::check($nearest->plan->wiring)->verdict)->not->toBe(Verdict::Fail)
            ->and(count($conductors))->toBeLessThanOrEqual($made);
    }
})->with(Files::rightWirings());

it('wires a bare board from nothing, and one of another scheme over', function () {
    $seed = Files::board('database/demo/seed-store/board.json');
    $bare = NearestPlan::to(Wiring::bare($seed));
    $right = Files::wiring('database/demo/seed-store/board.json', 'database/demo/seed-store/right.wiring.json');
    $linked = NearestPlan::to($right, 'common-link');

    expect($bare?->comesOff())->toBe([])->and($bare?->kept)->toBe([])->and($bare?->plan->result->verdict)->toBe(Verdict::Pass)
        ->and($linked?->plan->result->scheme()?->value)->toBe('common-link')
        ->and(count($linked->comesOff()))->toBeGreaterThan(0)->toBeLessThan(8);
});

it('takes off a mark that says something else, and marks what needs it', function () {
    $right = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/unsleeved.wiring.json');
    $nearest = NearestPlan::to(Build::marked($right, 'W1.blue@R1'));
    $marks = array_values(array_map(
        fn (Move $move) => $move->point,
        array_filter($nearest->moves, fn (Move $move) => $move->mark !== null),
    ));

    expect($nearest?->unmarked)->toBe(['W1.blue@R1'])->and($marks)->toContain('W2.blue@R1');
});

it('puts the board\'s part in again', function () {
    $wrong = Files::wiring('tests/Corpus/findings/wrong-device/board.json', 'tests/Corpus/findings/wrong-device/has.wiring.json');

    expect(NearestPlan::to($wrong)?->moves[0]->fit)->toBe('na-switch-4way');
});

it('has none where the board cannot be wired', function () {
    $short = earlier(HOUSE, fn (array $board) => [
        ...$board,
        'cables' => array_map(fn (array $cable) => [...$cable, 'type' => 'na-14-2'], $board['cables']),
    ]);

    expect(NearestPlan::to($short->wiring))->toBeNull()->and(Planner::plan($short->wiring->board)->plans)->toBe([])
        ->and($short->gone)->toBe(['W2.red@B1', 'W2.red@B2']);
});

it('chooses a cable that is still open, and lays the rest as it stands', function () {
    $open = earlier(HOUSE, fn (array $board) => [
        ...$board,
        'cables' => array_map(fn (array $cable) => $cable['id'] === 'W2' ? [...$cable, 'type' => 'any'] : $cable, $board['cables']),
    ]);
    $nearest = NearestPlan::to($open->wiring);

    expect($nearest?->plan->wiring->board->cables['W2']->type->id)->toBe('na-14-3')
        ->and($nearest?->plan->result->verdict)->toBe(Verdict::Pass);
});

it('refuses a file that is no wiring at all', function () {
    $problems = new Problems;
    $board = Files::board(HOUSE.'/board.json');

    expect(EarlierWiring::read('{"format": "zwindle-wiring"}', $board, $problems))->toBeNull()->and($problems->any())->toBeTrue();
});

it('takes nothing off a half-wired right board, whatever the plan does not need', function () {
    $rights = array_map(fn (array $pair) => Files::wiring(...$pair), Files::rightWirings());
    foreach ([3, 4] as $switches) {
        foreach (Planner::plan(Build::board(LinkedChain::board($switches)), 'common-link', all: true)->plans as $i => $plan) {
            $rights += $i < 4 ? ["stairs of $switches, $i" => $plan->wiring] : [];
        }
    }
    $random = new Random\Randomizer(new Random\Engine\Mt19937(44));
    $lost = [];
    $tried = 0;
    foreach ($rights as $name => $right) {
        for ($i = 0; $i < 5; $i++) {
            $joints = array_values(array_filter($right->joints, fn () => $random->getInt(0, 1) === 1));
            $isThere = fn (string $end) => array_filter($joints, fn (Joint $joint) => $joint->has($end)) !== [];
            $half = Wiring::of($right->board, $joints, [], array_filter($right->marks, $isThere, ARRAY_FILTER_USE_KEY));
            $nearest = NearestPlan::to($half);
            $tried++;
            if ($nearest === null || $nearest->comesOff() !== []) {
                $lost[] = [$name, $i, $nearest?->comesOff()];
            }
        }
    }

    expect($tried)->toBeGreaterThanOrEqual(120)->and($lost)->toBe([]);
});
