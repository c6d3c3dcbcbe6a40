<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\Tidying;

function rightOf(string $slug): Wiring
{
    return Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
}

/** @param  array<string, MarkedAs|null>  $marks  laid over those that are there; null takes one off */
function withMarks(Wiring $wiring, array $marks): Wiring
{
    return Wiring::of($wiring->board, $wiring->joints, $wiring->caps, array_filter([...$wiring->marks, ...$marks]), $wiring->fitted);
}

/** @return list<list<string>> the moves of each way to tidy up, as they are said */
function tidyOf(Wiring $wiring): array
{
    return array_map(
        fn (array $moves) => array_map(fn (Move $move) => match (true) {
            $move->isUnmarking => "$move->point: no mark",
            $move->mark !== null => "$move->point: {$move->mark->value}",
            default => "$move->point: $move->from > $move->to",
        }, $moves),
        Tidying::of(Checker::check($wiring)),
    );
}

it('has nothing to tidy on a wiring that passes or fails', function () {
    expect(tidyOf(rightOf('propagation-house')))->toBe([])
        ->and(tidyOf(Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/crossed.wiring.json')))
        ->toBe([]);
});

it('puts a remark right where it is', function (Wiring $wiring, array $moves) {
    expect(Checker::check($wiring)->verdict)->toBe(Verdict::Remarks)->and(tidyOf($wiring)[0])->toBe($moves);
})->with([
    'a sleeve forgotten at both ends' => [
        fn () => withMarks(rightOf('boat-store'), ['W2.blue@R1' => null, 'W2.blue@K1' => null]),
        ['W2.blue@R1: line', 'W2.blue@K1: line'],
    ],
    'a neutral taped as a hot' => [
        fn () => withMarks(rightOf('propagation-house'), ['W2.white@B1' => MarkedAs::Line]),
        ['W2.white@B1: no mark'],
    ],
    'a pendant turned round' => [
        fn () => Files::wiring('tests/Corpus/findings/flex-reversed/board.json', 'tests/Corpus/findings/flex-reversed/has.wiring.json'),
        ['LA.live: CR1.neutral > CR1.switched', 'LA.neutral: CR1.switched > CR1.neutral'],
    ],
]);

it('leaves nothing but what no move removes, of every remark of the corpus', function (string $code) {
    $wiring = Files::wiring("tests/Corpus/findings/$code/board.json", "tests/Corpus/findings/$code/has.wiring.json");
    $result = Checker::check($wiring);
    $tidied = array_map(fn (array $moves) => Checker::check(Mover::make($wiring, $moves))->verdict, Tidying::of($result));

    expect($result->verdict)->toBe(Verdict::Remarks)->and($tidied)->not->toBe([])->each->toBe(Verdict::Pass);
})->with([
    'line-unmarked', 'false-mark', 'neutral-colour', 'crowded-terminal', 'connector-overfilled', 'earth-unsleeved', 'end-not-capped',
    'flex-reversed', 'rose-blocks-exchanged', 'return-on-white', 'white-single-as-line',
]);

it('has no move for a box that is too small', function () {
    expect(tidyOf(Files::wiring('tests/Corpus/findings/box-overfilled/has.board.json', 'tests/Corpus/findings/box-overfilled/has.wiring.json')))
        ->toBe([]);
});

it('swaps red and white at both ends where the red is the neutral', function () {
    $right = rightOf('propagation-house');
    $wrong = withMarks(
        Build::renamed($right, [
            'W2.white@B1' => 'W2.red@B1', 'W2.red@B1' => 'W2.white@B1', 'W2.white@B2' => 'W2.red@B2', 'W2.red@B2' => 'W2.white@B2',
        ]),
        ['W2.white@B1' => MarkedAs::Line, 'W2.white@B2' => MarkedAs::Line],
    );
    $tidy = Tidying::of(Checker::check($wrong));
    $moved = array_values(array_unique(array_map(fn (Move $move) => (string) $move->point, $tidy[0])));
    sort($moved);

    expect($moved)->toBe(['W2.red@B1', 'W2.red@B2', 'W2.white@B1', 'W2.white@B2'])
        // Four conductors, and two pieces of tape that come off.
        ->and($tidy[0])->toHaveCount(6)
        ->and(Checker::check(Mover::make($wrong, $tidy[0]))->verdict)->toBe(Verdict::Pass);
});

it('swaps a white that brings the switch leg back with the black, and does not tape it', function () {
    $wrong = Files::wiring('tests/Corpus/findings/return-on-white/board.json', 'tests/Corpus/findings/return-on-white/has.wiring.json');
    $unmarked = Wiring::of($wrong->board, $wrong->joints, $wrong->caps, [], $wrong->fitted);
    $tidy = Tidying::of(Checker::check($unmarked));
    $after = Checker::check(Mover::make($unmarked, $tidy[0]));

    expect(Checker::check($unmarked)->verdict)->toBe(Verdict::Remarks)->and($after->verdict)->toBe(Verdict::Pass)
        ->and(array_filter($tidy[0], fn (Move $move) => ! $move->isOfMark()))->not->toBe([]);
});
