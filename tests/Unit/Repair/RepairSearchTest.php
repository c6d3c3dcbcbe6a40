<?php

declare(strict_types=1);

use Tests\Support\BlindRepair;
use Tests\Support\Build;
use Tests\Support\Chain;
use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Tests\Support\Share;
use Tests\Support\UsualMistakes;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\Pinpoint;
use Zwindle\Repair\Repair;
use Zwindle\Repair\RepairSearch;
use Zwindle\Repair\WrongWayRound;

// Not for every save.
pest()->group('long');

/** @return list<list<Move>> */
function repairsOf(Wiring $wiring): array
{
    return array_map(fn (Repair $remedy) => $remedy->moves, RepairSearch::of(Checker::check($wiring))->repairs);
}

function movesOf(array $moves): array
{
    return array_map(
        fn (Move $move) => $move->device === null ? "$move->point: $move->from > $move->to" : "$move->device: $move->fit",
        $moves,
    );
}

it('has none for a wiring that has not failed', function () {
    expect(repairsOf(Files::wiring(
        'database/demo/propagation-house/board.json',
        'database/demo/propagation-house/right.wiring.json',
    )))->toBe([])
        ->and(repairsOf(Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/unsleeved.wiring.json')))->toBe([]);
});

it('undoes the usual mistakes as they were made', function (string $slug, string $wiring, array $moves) {
    $repairs = repairsOf(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json"));

    expect(array_map(movesOf(...), $repairs))->toContain($moves)->and(count($repairs[0]))->toBe(count($moves));
})->with([
    'common and traveler exchanged' => ['propagation-house', 'crossed', ['W2.red@B2: S2.common > S2.t2', 'W3.black@B2: S2.t2 > S2.common']],
    'the ground off' => ['packing-barn', 'ground-off', ['W3.bare@B2: cap > W2.bare@B2']],
]);

it('mends every usual mistake on every right board, in as few moves as it was made of and as right as before', function (
    string $board,
    string $file,
) {
    $right = Files::wiring($board, $file);
    $verdict = Checker::check($right)->verdict;
    $worse = [];
    $unmended = [];
    $mended = 0;
    foreach (UsualMistakes::on($right) as $what => $wrong) {
        $result = Checker::check($wrong);
        if ($result->verdict !== Verdict::Fail) {
            continue;
        }
        $repairs = repairsOf($wrong);
        $most = match (true) {
            str_contains($what, 'exchanged'), str_starts_with($what, 'pair split') => 2,
            str_contains($what, 'in one') => 8,
            default => 2,
        };
        if ($repairs === [] || count($repairs[0]) > $most) {
            // A joint with pigtails counts a move for each conductor in it.
            $unmended[$what] = $repairs === [] ? 'none' : count($repairs[0]);
        }
        foreach ($repairs as $repair) {
            $after = Checker::check(Mover::make($wrong, $repair));
            expect(array_filter($after->findings, fn (Finding $finding) => $finding->code->severity()->fails()))->toBe([]);
            $mended++;
        }
        $smallest = RepairSearch::of($result);
        $best = array_filter(
            [...array_slice($smallest->repairs, 0, 1), ...$smallest->also],
            fn (Repair $repair) => Checker::check(Mover::make($wrong, $repair->moves))->verdict === $verdict,
        );
        $worse = $best === [] && str_contains($what, 'exchanged') ? [...$worse, $what] : $worse;
    }
    expect($worse)->toBe([])->and(array_filter($unmended, fn (int|string $count) => $count === 'none' || $count > 4))->toBe([])->and($mended)->toBeGreaterThan(5);
})->with(Files::rightWirings());

it('never needs more moves back than were made', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 31);
    $longer = [];
    for ($i = 0; $i < 15; $i++) {
        [$spoilt, $made] = $random->moved($right, 1 + $i % 3);
        $result = Checker::check($spoilt);
        $repairs = repairsOf($spoilt);
        if ($result->verdict === Verdict::Fail && ($repairs === [] || count($repairs[0]) > $made)) {
            $longer[] = [$made, $repairs === [] ? 'none' : count($repairs[0])];
        }
    }
    expect($longer)->toBe([]);
})->with(Files::rightWirings());

it('finds as few moves as trying all of them, up to three moves and four switches', function (Wiring $right, int $seed, int $tries) {
    $random = new RandomWiring($seed);
    $counts = [];
    foreach (Share::of($tries, least: $tries) as $i) {
        [$spoilt, $made] = $random->moved($right, 3);
        $result = Checker::check($spoilt);
        if ($result->verdict !== Verdict::Fail) {
            continue;
        }
        $count = count(repairsOf($spoilt)[0]);
        // No more than were made; and that no fewer do is found by trying them all.
        expect($count)->toBeLessThanOrEqual($made)->and($count === 1 ? null : BlindRepair::fewest($spoilt, $count - 1))->toBeNull();
        $counts[] = $count;
    }
    expect(max($counts))->toBe(3);
})->with([
    'one switch, fed at the light' => [
        fn () => Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/right.wiring.json'),
        1,
        8,
    ],
    'British switch drop' => [
        fn () => Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json'),
        3,
        8,
    ],
    'two three-ways' => [
        fn () => Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json'),
        5,
        8,
    ],
    'four switches' => [fn () => Chain::wiring(4), 5, 2],
]);

it('adds a mark as a move', function () {
    $unmarked = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/unsleeved.wiring.json');
    $ends = array_merge(...array_map(fn (Finding $finding) => $finding->at, Checker::check($unmarked)->findings));
    $marked = Mover::make($unmarked, array_map(fn (string $end) => Move::mark($end, MarkedAs::Line), $ends));

    expect($ends)->not->toBe([])->and(Checker::check($marked)->verdict)->toBe(Verdict::Pass);
});

it('puts the board\'s part in again', function () {
    $wrong = Files::wiring('tests/Corpus/findings/wrong-device/board.json', 'tests/Corpus/findings/wrong-device/has.wiring.json');
    [$first] = repairsOf($wrong);

    expect(movesOf($first))->toBe(['S2: na-switch-4way']);
});

it('makes moves in their turn, as the contract has them', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $off = Mover::make($right, [Move::of('W2.red@B1', 'S1.t2', Move::CAP)]);
    $elsewhere = Mover::make($right, [Move::of('W2.red@B1', 'S1.t2', 'S1.t1')]);
    $back = Mover::make($off, [Move::of('W2.red@B1', Move::CAP, 'S1.t2')]);

    expect($off->jointAt('S1.t2'))->toBeNull()->and($off->isCapped('W2.red@B1'))->toBeTrue()
        ->and($elsewhere->jointAt('S1.t1')?->points)->toBe(['S1.t1', 'W2.black@B1', 'W2.red@B1'])
        ->and(Checker::check($back)->verdict)->toBe(Verdict::Pass)
        // An end left alone counts as capped.
        ->and(Mover::make(
            Build::renamed($right, []),
            [Move::of('W1.white@B1', 'W2.white@B1', Move::CAP)],
        )->isCapped('W2.white@B1'))->toBeTrue();
});

/** The rose of the boat store with the switch drop in the neutral block: `sleeved` or not, the place is the rose. */
function dropInNeutralBlock(bool $isSleeved): Wiring
{
    $wrong = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/drop-in-neutral-block.wiring.json');
    $marks = array_diff_key($wrong->marks, $isSleeved ? [] : ['W2.blue@R1' => true, 'W2.blue@K1' => true]);

    return Wiring::of($wrong->board, $wrong->joints, $wrong->caps, $marks);
}

it('puts a short where the smallest repair is, whatever is sleeved', function (bool $isSleeved) {
    $result = Checker::check(dropInNeutralBlock($isSleeved));
    $repairs = RepairSearch::of($result)->repairs;
    $short = array_values(array_filter(
        Pinpoint::of($result)->findings,
        fn (Finding $finding) => $finding->code === FindingCode::ShortLineNeutral,
    ))[0];

    expect($repairs[0]->moves[0]->point)->toBe('W2.blue@R1')->and($short->at[0])->toBe('W2.blue@R1')
        ->and(array_unique(array_map(
            fn (string $point) => $result->evidence->wiring->points[$point]->enclosure,
            $short->at,
        )))->toBe(['R1']);
})->with([true, false]);

it('reverses no flex, lead or holder that stands right, in a repair or in the nearest plan', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $random = new RandomWiring(seed: 77);
    $turned = [];
    $tried = 0;
    for ($i = 0; $i < 30; $i++) {
        [$wrong] = $random->moved($right, 1 + $i % 3);
        $result = Checker::check($wrong);
        if ($result->verdict !== Verdict::Fail) {
            continue;
        }
        $tried++;
        $before = WrongWayRound::in($wrong);
        foreach (RepairSearch::of($result)->repairs as $remedy) {
            $turned = [...$turned, ...array_diff(WrongWayRound::in(Mover::make($wrong, $remedy->moves)), $before)];
        }
        $nearest = NearestPlan::to($wrong);
        $turned = [...$turned, ...($nearest === null ? ['no nearest plan'] : WrongWayRound::in($nearest->plan->wiring))];
    }

    expect($tried)->toBeGreaterThan(10)->and($turned)->toBe([]);
})->with(['boat-store', 'three-sheds', 'packing-barn']);
