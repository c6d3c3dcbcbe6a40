<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Chain as ChainFiles;
use Tests\Support\EveryAssignment;
use Tests\Support\EveryBoard;
use Tests\Support\Files;
use Tests\Support\Hub;
use Tests\Support\LinkedChain;
use Tests\Support\RandomWiring;
use Zwindle\Board\Board;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\Shortage;
use Zwindle\Plan\StepOrder;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\RepairSearch;

/** @return array<string, array{string}> the boards of the demo and of the right wirings */
function libraryBoards(): array
{
    return array_map(fn (array $pair) => [$pair[0]], Files::rightWirings());
}

/** @param  callable(array<string, mixed>): array<string, mixed>  $change */
function changed(string $path, callable $change): Board
{
    return Build::board($change(json_decode(Files::text($path), true)));
}

/** @param  array<string, string>  $types  cable → type */
function withTypes(string $path, array $types): Board
{
    return changed($path, fn (array $board) => [
        ...$board,
        'cables' => array_map(fn (array $cable) => [...$cable, 'type' => $types[$cable['id']] ?? $cable['type']], $board['cables']),
    ]);
}

/** What its cores carry, as `W1: black hot`. */
function carries(Plan $plan, string $cable): array
{
    $roles = [];
    foreach ($plan->wiring->board->cables[$cable]->cores as $core) {
        $roles[$core->name] = $plan->roleOf($core)->value;
    }

    return $roles;
}

it('plans every board of the library, clean', function (string $path) {
    $planning = Planner::plan(Files::board($path));
    $dear = array_filter($planning->plans[0]->result->findings, fn (Finding $finding) => $finding->code->severity() !== Severity::Note);

    expect($planning->reason)->toBeNull()
        ->and($planning->plans)->toHaveCount(1)
        ->and($planning->plans[0]->result->verdict)->toBe(Verdict::Pass)
        ->and($dear)->toBe([]);
})->with(libraryBoards());

it('plans the contract\'s boards by the scheme that they expect', function (string $name, string $scheme) {
    $planning = Planner::plan(Files::board("tests/Corpus/contract/$name.board.json"));

    expect($planning->plans[0]->result->scheme()?->value)->toBe($scheme)->and($planning->plans[0]->result->verdict)->toBe(Verdict::Pass);
})->with([
    ['na-three-way', 'feed-through'],
    ['na-four-way', 'feed-through'],
    ['na-three-way-dead-end', 'dead-end'],
    ['na-single-light-fed', 'light-fed'],
    ['gb-loop-in', 'light-fed'], ['gb-intermediate-singles', 'feed-through'], ['gb-two-way-common-link', 'common-link'],
]);

it('puts line, neutral and travellers on the colours that the trade uses', function (string $path, string $cable, array $roles) {
    expect(carries(Planner::plan(Files::board($path))->plans[0], $cable))->toBe($roles);
})->with([
    // trade-facts section 2: travellers black and red, white spliced through; in the dead-end school A, line out on the white.
    'feed-through' => ['database/demo/propagation-house/board.json', 'W2', [
        'black' => 'traveller',
        'red' => 'traveller',
        'white' => 'neutral',
        'bare' => 'earth',
    ]],
    'dead-end' => ['database/demo/seed-store/board.json', 'W3', [
        'black' => 'traveller',
        'red' => 'traveller',
        'white' => 'line',
        'bare' => 'earth',
    ]],
    // Switch loop of three cores: black down, red back, white neutral.
    'switch loop' => ['database/demo/tool-locker/board.json', 'W2', [
        'black' => 'line',
        'red' => 'switched-line',
        'white' => 'neutral',
        'bare' => 'earth',
    ]],
    'switch drop' => ['database/demo/boat-store/board.json', 'W2', ['brown' => 'line', 'blue' => 'switched-line', 'bare' => 'earth']],
    'fed at the light' => ['tests/Corpus/right/three-way-fed-at-the-light/board.json', 'W2', [
        'black' => 'switched-line',
        'white' => 'line',
        'bare' => 'earth',
    ]],
]);

it('lists with --all distinct plans, those that pass first, and every one of them is acceptable', function (string $path) {
    $planning = Planner::plan(Files::board($path), all: true);
    $identities = array_map(fn (Plan $plan) => $plan->identity(), $planning->plans);
    $verdicts = array_map(fn (Plan $plan) => $plan->result->verdict, $planning->plans);
    $firstRemark = array_search(Verdict::Remarks, $verdicts, true);
    $allowed = [FindingCode::ReturnOnWhite, FindingCode::SchemeNotAcceptedEverywhere, FindingCode::SeparateReturn];

    expect(array_unique($identities))->toHaveCount(count($identities))
        ->and(count($planning->plans))->toBeLessThanOrEqual(Planner::MOST_PLANS)->toBeGreaterThan(0)
        ->and($firstRemark === false || ! in_array(Verdict::Pass, array_slice($verdicts, $firstRemark), true))->toBeTrue();
    foreach ($planning->plans as $plan) {
        $checked = Checker::check($plan->wiring);
        $others = array_filter(
            $checked->findings,
            fn (Finding $finding) => $finding->code->severity() !== Severity::Note && ! in_array($finding->code, $allowed, true),
        );
        expect($others)->toBe([]);
    }
})->with(libraryBoards());

it('shows both schools of the dead-end', function () {
    $planning = Planner::plan(Files::board('database/demo/seed-store/board.json'), all: true);
    $whites = array_unique(array_map(fn (Plan $plan) => carries($plan, 'W3')['white'], $planning->plans));
    $schemes = array_values(array_unique(array_map(fn (Plan $plan) => $plan->result->scheme()?->value, $planning->plans)));

    expect($whites)->toContain('line', 'traveller', 'switched-line')->and($schemes)->toEqualCanonicalizing(['dead-end', 'common-link']);
});

it('plans the scheme that is asked for, or says why not', function (string $path, string $scheme, ?string $found, ?NoPlan $reason) {
    $planning = Planner::plan(Files::board($path), $scheme);

    expect(($planning->plans[0] ?? null)?->result->scheme()?->value)->toBe($found)->and($planning->reason)->toBe($reason);
})->with([
    ['database/demo/seed-store/board.json', 'dead-end', 'dead-end', null],
    ['database/demo/seed-store/board.json', 'common-link', 'common-link', null],
    ['database/demo/seed-store/board.json', 'feed-through', null, NoPlan::OtherScheme],
    ['database/demo/propagation-house/board.json', 'dead-end', null, NoPlan::OtherScheme],
    ['database/demo/propagation-house/board.json', 'common-link', null, NoPlan::ShortOfCores],
    ['database/demo/seed-store/board.json', 'polarity-switching', null, NoPlan::OtherScheme],
]);

it('says which cable is short of how many cores', function (string $path, array $types, array $short) {
    $planning = Planner::plan(withTypes($path, $types));
    $shortages = array_map(fn (Shortage $shortage) => [
        $shortage->scheme,
        $shortage->cable,
        $shortage->has,
        $shortage->needs,
        $shortage->hasNoneForNeutral,
    ], $planning->shortages);

    expect($planning->reason)->toBe(NoPlan::ShortOfCores)->and($shortages[0])->toBe($short);
})->with([
    'two cores where a three-way needs three' => ['database/demo/propagation-house/board.json', ['W2' => 'na-14-2'], [
        'feed-through',
        'W2',
        2,
        3,
        false,
    ]],
    'a four-way fed by two cores' => ['database/demo/packing-barn/board.json', ['W3' => 'na-14-2'], ['feed-through', 'W3', 2, 3, false]],
]);

it('chooses the cable with the fewest cores for a run that is open', function (array $open, array $chosen) {
    $board = withTypes('database/demo/propagation-house/board.json', array_fill_keys($open, 'any'));
    $types = array_map(fn ($cable) => $cable->type->id, Planner::plan($board)->plans[0]->wiring->board->cables);

    expect(array_values($types))->toBe($chosen);
})->with([[['W2'], ['na-14-2', 'na-14-3', 'na-14-2']], [['W1', 'W2', 'W3'], ['na-14-2', 'na-14-3', 'na-14-2']]]);

it('chooses twelve gauge behind twenty amperes', function () {
    $board = changed('database/demo/propagation-house/board.json', function (array $board) {
        $board['devices'][0]['breakerA'] = 20;
        $board['cables'] = array_map(fn (array $cable) => [...$cable, 'type' => 'any'], $board['cables']);

        return $board;
    });

    expect(array_values(array_map(
        fn ($cable) => $cable->type->id,
        Planner::plan($board)->plans[0]->wiring->board->cables,
    )))->toBe(['na-12-2', 'na-12-3', 'na-12-2']);
});

it('gives a plan or a proved no wherever the feed comes in', function (string $path) {
    $array = json_decode(Files::text($path), true);
    $answers = [];
    foreach (Files::board($path)->enclosures as $enclosure) {
        if (! $enclosure->kind->isOnTheWall()) {
            continue;
        }
        $supply = Files::board($path)->supply()->enclosure;
        $moved = $array;
        foreach ($moved['cables'] as $i => $cable) {
            foreach (['from', 'to'] as $side) {
                // The end at the supply stays; the other end comes into this box.
                if ($cable[$side] === $supply) {
                    $moved['cables'][$i][$side === 'from' ? 'to' : 'from'] = $enclosure->id;
                }
            }
        }
        $moved['requirements']['scheme'] = 'any';
        $planning = Planner::plan(Build::board($moved));
        $answers[$enclosure->id] = $planning->reason;
        expect($planning->reason)->not->toBe(NoPlan::NotFinished);
        foreach ($planning->plans as $plan) {
            expect($plan->result->verdict)->not->toBe(Verdict::Fail);
        }
    }
    expect(array_filter($answers, fn (?NoPlan $reason) => $reason === null))->not->toBe([]);
})->with(array_diff_key(libraryBoards(), [
    'five-switches-in-singles/right.wiring.json' => 1,
    'towpath-workshop/right.wiring.json' => 1,
    'sheds-rose-to-rose/right.wiring.json' => 1,
    'three-sheds/right.wiring.json' => 1,
]));

it('finds exactly what trying every assignment of cores finds', function (string $between, string $lampIn, string $code) {
    $board = Build::board(Build::boardArray([
        'code' => $code,
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'B1', 'kind' => 'switch-box', 'material' => 'plastic'],
            ['id' => 'B2', 'kind' => 'switch-box', 'material' => 'plastic'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-3way'],
            ['id' => 'S2', 'in' => 'B2', 'model' => 'na-switch-3way'],
            ['id' => 'LA', 'in' => $lampIn, 'model' => 'na-lampholder'],
        ],
        'cables' => [[
            'id' => 'W1',
            'type' => 'na-14-2',
            'from' => 'SRC',
            'to' => 'B1',
        ], ['id' => 'W2', 'type' => $between, 'from' => 'B1', 'to' => 'B2']],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1', 'S2']]],
    ]));
    $brute = EveryAssignment::passing($board);
    $planned = array_map(
        EveryAssignment::look(...),
        array_map(
            fn (Plan $plan) => $plan->result,
            array_values(array_filter(
                Planner::plan($board, all: true)->plans,
                fn (Plan $plan) => $plan->result->verdict === Verdict::Pass,
            )),
        ),
    );
    sort($planned);

    expect(array_values(array_unique($planned)))->toBe($brute);
})->with([
    'three cores, lamp at the far box' => ['na-14-3', 'B2', 'NEC-2008'],
    'three cores, lamp at the near box' => ['na-14-3', 'B1', 'NEC-2008'],
    'two cores: nothing' => ['na-14-2', 'B2', 'NEC-2008'],
    'four cores, lamp at the far box' => ['na-14-4', 'B2', 'NEC-2008'],
    'four cores, a neutral in every box' => ['na-14-4', 'B1', 'NEC-2011'],
    'three cores, a neutral in every box: nothing' => ['na-14-3', 'B1', 'NEC-2011'],
    'two whites' => ['na-14-2-2', 'B2', 'NEC-2008'],
]);

it('lets strands take different ways only where nothing better can be wired, and says what that earns', function () {
    [$files] = ChainFiles::files(2);
    $files['cables'][1]['type'] = 'na-14-2';
    $files['cables'][] = ['id' => 'P', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'B2'];
    $plan = Planner::plan(Build::board($files))->plans[0];
    $codes = array_map(fn (Finding $finding) => $finding->code, $plan->result->findings);

    expect($plan->result->verdict)->toBe(Verdict::Remarks)->and($codes)->toContain(FindingCode::SeparateReturn);
});

it('answers in words what cannot be asked', function (array $change, ?NoPlan $reason) {
    [$files] = ChainFiles::files(3);

    expect(Planner::plan(Build::board([...$files, ...$change]))->reason)->toBe($reason);
})->with([
    'no controls: everything is capped' => [['controls' => []], null],
    'two four-ways for two positions' => [['controls' => [['lamps' => ['LA'], 'switches' => ['S2', 'S1']]]], NoPlan::WrongParts],
]);

it('chains twelve switches round a hub, and proves that a short spoke cannot be', function (array $types, ?NoPlan $reason, int $shortages) {
    $planning = Planner::plan(Hub::board($types));

    expect($planning->reason)->toBe($reason)->and($planning->shortages)->toHaveCount($shortages);
})->with([
    // A four-way on a spoke is come by and left again: four cores.
    'four cores each' => [[], null, 0],
    'one of three' => [[5 => 'na-14-3'], NoPlan::ShortOfCores, 2],
    'the ends need three' => [[0 => 'na-14-3', 1 => 'na-14-3'], null, 0],
]);

it('says that a list of plans was cut where there are more than can be looked at', function () {
    $planning = Planner::plan(Hub::board(), all: true);

    expect($planning->isTruncated)->toBeTrue()->and(count($planning->plans))->toBeGreaterThan(5)->toBeLessThanOrEqual(Planner::MOST_PLANS)
        ->and(Planner::plan(Files::board('database/demo/seed-store/board.json'), all: true)->isTruncated)->toBeFalse();
});

it('mends a spoilt hub, and keeps the order of its chain in the nearest plan', function () {
    $right = Planner::plan(Hub::board())->plans[0];
    [$spoilt, $made] = (new RandomWiring(seed: 3))->moved($right->wiring, 3);
    $repairs = RepairSearch::of(Checker::check($spoilt))->repairs;
    $nearest = NearestPlan::to($spoilt);

    expect(count($repairs[0]->moves))->toBeLessThanOrEqual($made)
        ->and($nearest?->plan->chains[0]->switches)->toBe($right->chains[0]->switches)
        ->and(count($nearest->comesOff()))->toBeLessThanOrEqual($made);
});

it('answers in words about a mesh that cannot hold its chain, instead of trying every order', function () {
    $board = ChainFiles::files(12)[0];
    for ($i = 0; $i < 40; $i++) {
        $board['cables'][] = ['id' => "X$i", 'type' => 'na-14-2', 'from' => 'B'.(1 + $i % 12), 'to' => 'B'.(1 + ($i * 5 + 3) % 12)];
    }
    $apart = array_filter($board['cables'], fn (array $cable) => $cable['from'] !== $cable['to']);
    $board['cables'] = array_values(array_map(fn (array $cable) => [...$cable, 'type' => 'na-14-2'], $apart));

    expect(Planner::plan(Build::board($board))->reason)->toBe(NoPlan::NotFinished);
});

it('lays out the steps so that every joint comes once, marked before it is joined, and the supply last', function (
    string $path,
    StepOrder $order,
) {
    $plan = Planner::plan(Files::board($path))->plans[0];
    $steps = PlanSteps::of($plan, $order);
    $joints = array_values(array_filter(array_map(fn (PlanStep $step) => $step->joint, $steps), is_int(...)));
    $sorted = $joints;
    sort($sorted);
    $supply = $plan->wiring->board->supply()->enclosure;
    $boxes = array_map(fn (int $joint) => $plan->wiring->joints[$joint]->enclosure, $joints);
    $marked = [];
    foreach ($steps as $step) {
        if ($step->mark !== null) {
            $marked[$step->mark] = true;
        }
        foreach ($step->joint === null ? [] : $plan->wiring->joints[$step->joint]->points as $point) {
            expect(isset($marked[$point]))->toBe($plan->wiring->markOn($point) !== null);
        }
    }

    expect($sorted)->toBe(array_keys($plan->wiring->joints))
        ->and($boxes[count($boxes) - 1])->toBe($supply)
        ->and(array_unique(array_slice($boxes, array_search($supply, $boxes, true))))->toBe([$supply]);
})->with(fn () => array_merge(...array_map(
    fn (array $board) => [[$board[0], StepOrder::BoxByBox], [$board[0], StepOrder::FarthestFirst]],
    array_values(libraryBoards()),
)));

it('finds in one search the schemes that asking for each finds', function (string $path) {
    $board = Files::board($path);
    $schemes = [SchemeName::Single, SchemeName::FeedThrough, SchemeName::DeadEnd, SchemeName::LightFed, SchemeName::CommonLink];
    $works = fn (array $plannings) => array_map(fn (Planning $planning) => $planning->plans !== [], $plannings);
    $asked = array_map(
        fn (SchemeName $scheme) => Planner::plan($board, $scheme->value),
        array_combine(array_column($schemes, 'value'), $schemes),
    );

    expect($works(Planner::bySchemes($board, $schemes)))->toBe($works($asked))->and(in_array(true, $works($asked), true))->toBeTrue();
})->with(libraryBoards());

it('knows every British way with the commons linked, intermediates and all: as trying them blind', function (int $switches, int $atLeast) {
    $board = Build::board(LinkedChain::board($switches));
    $brute = LinkedChain::passing($board, $switches);
    $planning = Planner::plan($board, 'common-link', all: true);
    $planned = array_values(array_unique(array_map(fn (Plan $plan) => LinkedChain::look($plan->result), $planning->plans)));
    sort($planned);

    expect($planning->isTruncated)->toBeFalse()->and(count($brute))->toBeGreaterThanOrEqual($atLeast)->and($planned)->toBe($brute);
})->with(['two switches' => [2, 6], 'an intermediate' => [3, 6]]);

it('prefers the commons linked in Britain where feed and lamp meet at an end switch in three-core', function (int $switches) {
    $plan = Planner::plan(Build::board(LinkedChain::board($switches)))->plans[0];

    expect($plan->result->scheme()?->value)->toBe('common-link')->and($plan->result->verdict)->toBe(Verdict::Pass);
})->with([2, 3, 4, 6]);

it('lands nothing in any plan that the checker would remark on where a pigtail avoids it', function () {
    $remarked = [];
    $count = 0;
    foreach (EveryBoard::paths() as $path) {
        $planning = Planner::plan(Files::board($path), all: true);
        foreach ($planning->plans as $i => $plan) {
            $count++;
            foreach ($plan->result->findings as $finding) {
                in_array($finding->code, [
                    FindingCode::CrowdedTerminal,
                    FindingCode::ConnectorOverfilled,
                    FindingCode::EndNotCapped,
                    FindingCode::FlexReversed,
                    FindingCode::LeadsReversed,
                ], true)
                    && $remarked[] = "$path plan $i: {$finding->code->value}";
            }
        }
    }

    expect($count)->toBeGreaterThan(150)->and($remarked)->toBe([]);
});
