<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\Pinpoint;
use Zwindle\Repair\Repair;
use Zwindle\Repair\RepairSearch;

/** @return list<Verdict> what the board is after each repair that is told, the longer ones last */
function verdictsAfter(Wiring $wrong): array
{
    $smallest = RepairSearch::of(Checker::check($wrong));

    return array_map(
        fn (Repair $repair) => Checker::check(Mover::make($wrong, $repair->moves))->verdict,
        [...$smallest->repairs, ...$smallest->also],
    );
}

it('puts an exchange at the supply right at the supply', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $supply = $right->board->supply();
    [$line, $neutral] = array_map(
        fn (string $terminal) => array_values(array_diff($right->jointAt("$supply->id.$terminal")->points ?? [], ["$supply->id.$terminal"]))[0],
        ['line', 'neutral'],
    );
    $wrong = Build::renamed($right, [$line => $neutral, $neutral => $line]);
    $first = RepairSearch::of(Checker::check($wrong))->repairs[0];

    expect(array_unique(array_map(fn ($move) => explode('@', (string) $move->point)[1], $first->moves)))->toBe([$supply->enclosure])
        ->and(verdictsAfter($wrong)[0])->toBe(Checker::check($right)->verdict);
})->with(array_keys(Files::demoBoards()));

it('tells the best verdict first, and longer repairs only where they end better', function () {
    $right = Files::wiring('tests/Corpus/findings/flex-reversed/board.json', 'tests/Corpus/findings/flex-reversed/has-not.wiring.json');
    // The flex turned round as well: two moves leave it so, four do not.
    $wrong = Build::renamed($right, [
        'W1.blue@R1' => 'W2.blue@R1', 'W2.blue@R1' => 'W1.blue@R1', 'LA.live' => 'LA.neutral', 'LA.neutral' => 'LA.live',
    ]);
    $smallest = RepairSearch::of(Checker::check($wrong));

    expect(count($smallest->repairs[0]->moves))->toBe(2)->and(verdictsAfter($wrong))->toContain(Verdict::Pass)
        ->and(array_map(fn (Repair $repair) => count($repair->moves), $smallest->also))->each->toBe(4);
});

it('moves the cables of a rose with its blocks exchanged, and blames them', function () {
    $wrong = Files::wiring('tests/Corpus/findings/rose-polarity/board.json', 'tests/Corpus/findings/rose-polarity/has.wiring.json');
    $result = Checker::check($wrong);
    $first = RepairSearch::of($result)->repairs[0];

    expect(array_map(fn (Finding $finding) => [$finding->code, $finding->causedBy], $result->findings))->toBe([
        [FindingCode::RosePolarity, null],
        [FindingCode::FlexReversed, 0],
    ])
        ->and(array_map(fn ($move) => $move->point, $first->moves))->toBe(['W1.blue@R1', 'W2.blue@R1'])
        ->and(verdictsAfter($wrong)[0])->toBe(Verdict::Pass);
});

it('blames the two terminals of a common-link that were exchanged, in sentence, place and repair', function (string $board) {
    $other = [];
    $pairs = 0;
    foreach (array_slice(Planner::plan(Files::board($board), 'common-link', all: true)->plans, 0, 3) as $plan) {
        $exchanged = array_filter(
            Mistakes::ofHandOn($plan->wiring),
            fn (Mistake $mistake) => $mistake->kind === MistakeKind::CommonExchanged,
        );
        foreach ($exchanged as $mistake) {
            $result = Pinpoint::of(Checker::check($mistake->madeOn($plan->wiring)));
            $causes = array_values(array_filter($result->causes(), fn (Finding $finding) => $finding->severity()->fails()));
            $repair = RepairSearch::of($result)->repairs[0];
            $told = [...$causes[0]->at];
            sort($told);
            $made = $mistake->at;
            sort($made);
            $isSame = count($causes) === 1 && $told === $made && array_map(fn ($one) => $one->id(), $repair->undoes) === [$mistake->id()];
            $other = $isSame ? $other : [...$other, $mistake->id()];
            $pairs++;
        }
    }

    expect($other)->toBe([])->and($pairs)->toBeGreaterThan(3);
})->with([
    'tests/Corpus/contract/gb-two-way-common-link.board.json',
    'database/patterns/gb-10-intermediate-in-three-core.board.json',
    'tests/Corpus/right/old-common-link/board.json',
]);
