<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** @return list<list<string>> places of every finding of a code */
function placesOf(FindingCode $code, Wiring $wiring): array
{
    $found = array_filter(Checker::check($wiring)->findings, fn (Finding $finding) => $finding->code === $code);

    return array_values(array_map(fn (Finding $finding) => $finding->at, $found));
}

/** A wiring with an end taken out of its joint and left hanging. */
function hanging(Wiring $wiring, string $end): Wiring
{
    $without = Build::without($wiring, $end);

    return Wiring::of($without->board, $without->joints, array_values(array_diff($without->caps, [$end])), $without->marks);
}

it('finds a shell that is nearer to the line through another lamp', function () {
    // Two lampholders in series, the second the wrong way round: its shell is at half voltage, its centre on the neutral.
    expect(placesOf(FindingCode::ShellLive, Build::lamps([['hot', 'm'], ['neutral', 'm']])))->toBe([['LA1.neutral']])
        ->and(placesOf(FindingCode::ShellLive, Build::lamps([['hot', 'm'], ['m', 'neutral']])))->toBe([]);
});

it('does not call a shell live that an open neutral leaves floating through its own lamp', function () {
    $wiring = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/open-neutral.wiring.json');

    expect(placesOf(FindingCode::ShellLive, $wiring))->toBe([]);
});

it('finds a loose end that is live through the lamp', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');

    expect(placesOf(FindingCode::LiveEndExposed, hanging($right, 'W3.white@B2')))->toBe([['W3.white@B2']])
        // The other white of the splice hangs loose as well, but on the neutral.
        ->and(placesOf(FindingCode::EndNotCapped, hanging($right, 'W3.white@B2')))->toBe([['W2.white@B2']]);
});

it('blames the switch with its link off the common, not the one that is right', function () {
    $right = Files::wiring(
        'tests/Corpus/contract/gb-two-way-common-link.board.json',
        'tests/Corpus/contract/gb-two-way-common-link.wiring.json',
    );
    $wrong = Build::exchange($right, 'S2.com', 'S2.l1');

    expect(placesOf(FindingCode::CommonOnTraveller, $wrong))->toBe([['S2.com', 'S2.l1']]);
});

it('lets marks on a spare core be', function () {
    $right = Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/right.wiring.json');
    $spare = Build::without($right, 'W2.white@L1');
    $marked = Wiring::of($spare->board, $spare->joints, $spare->caps, ['W2.white@L1' => MarkedAs::Line, 'W2.white@B1' => MarkedAs::Line]);

    expect(placesOf(FindingCode::FalseMark, $marked))->toBe([]);
});

it('asks for no earth on a station that has none', function (string $earths, Verdict $verdict) {
    $array = json_decode(Files::text('database/demo/propagation-house/board.json'), true);
    $array['requirements']['earths'] = $earths;
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $bare = fn (string $point) => str_contains($point, '.bare@') || str_ends_with($point, '.earth');
    $joints = array_values(array_filter($right->joints, fn (Joint $joint) => array_filter($joint->points, $bare) === []));
    $result = Checker::check(Wiring::of(Build::board($array), $joints));

    expect($result->verdict)->toBe($verdict);
})->with([['none', Verdict::Pass], ['required', Verdict::Fail]]);

it('names one missing earth for each group that hangs together', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');

    expect(placesOf(FindingCode::EarthMissing, Build::without($right, 'W3.bare@B2')))->toBe([['S3.earth', 'L1.earth', 'LA.earth']])
        ->and(placesOf(
            FindingCode::EarthMissing,
            Build::without(Build::without($right, 'W3.bare@B2'), 'W4.bare@B3'),
        ))->toBe([['S3.earth'], ['L1.earth', 'LA.earth']]);
});

it('judges unmarked line by the colours of the cable', function (string $type, array $cores, array $unmarked) {
    // Line on the first core, the second core as a switched line to the lamp: which of them says something else?
    $practice = str_starts_with($type, 'na') ? 'na' : 'gb';
    $board = Build::board(Build::boardArray([
        'practice' => $practice, 'code' => $practice === 'na' ? 'NEC-2023' : 'BS7671-2018',
        'enclosures' => [['id' => 'SRC', 'kind' => 'supply'], ['id' => 'K1', 'kind' => 'switch-box', 'material' => 'plastic']],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => "$practice-supply"]],
        'cables' => [['id' => 'W1', 'type' => $type, 'from' => 'SRC', 'to' => 'K1']],
    ]));
    $ends = array_map(fn (string $core) => "W1.$core@SRC", $cores);
    $problems = new Problems;
    $wiring = WiringReader::read((string) json_encode([
        'format' => 'zwindle-wiring', 'version' => 1, 'joints' => [['in' => 'SRC', 'points' => ['PS.line', ...$ends], 'by' => 'terminal']],
    ]), $board, $problems);
    assert($wiring !== null);
    $found = array_map(fn (array $at) => explode('@', substr($at[0], 3))[0], placesOf(FindingCode::LineUnmarked, $wiring));

    expect($found)->toBe($unmarked);
})->with([
    // contract section 6, line-unmarked
    'North American' => ['na-14-4', ['black', 'red', 'blue', 'white'], ['white']],
    'two whites' => ['na-14-2-2', ['black', 'white', 'white2'], ['white', 'white2']],
    'British two-core' => ['gb-1.5-te', ['brown', 'blue'], ['blue']],
    'British three-core' => ['gb-1.0-3ce', ['brown', 'black', 'grey'], ['black', 'grey']],
    'old two-core' => ['gb-old-1.5-te', ['red', 'black'], ['black']],
    'old three-core' => ['gb-old-1.0-3ce', ['red', 'yellow', 'blue'], ['yellow', 'blue']],
]);

it('tells a bare conductor that is off as one mistake', function (string $slug, string $end) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $causes = array_filter(Checker::check(hanging($right, $end))->causes(), fn (Finding $finding) => $finding->severity()->value !== 'note');

    expect(array_map(fn (Finding $finding) => $finding->code, array_values($causes)))->toBe([FindingCode::EarthMissing]);
})->with([['propagation-house', 'W3.bare@B2'], ['propagation-house', 'W3.bare@L1'], ['boat-store', 'W2.bare@K1']]);

it('finds a rose right whose loop block is empty, that passes on, or whose loop block feeds the next room', function (string $board, string $file) {
    $codes = array_map(fn (Finding $finding) => $finding->code, Checker::check(Files::wiring($board, $file))->findings);

    expect($codes)->not->toContain(FindingCode::RosePolarity)->not->toContain(FindingCode::RoseBlocksExchanged);
})->with(fn () => array_filter(Files::rightWirings(), fn (array $pair) => str_contains(Files::text($pair[0]), 'gb-rose')));

it('blames a rose for what was exchanged there, and the supply for what was exchanged at the supply', function () {
    $right = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json');
    $causesOf = fn (array $exchange) => array_values(array_unique(array_map(
        fn (Finding $finding) => $finding->code->value,
        array_filter(Checker::check(Build::renamed($right, $exchange))->causes(), fn (Finding $finding) => $finding->severity()->fails()),
    )));

    expect($causesOf(['W1.blue@R1' => 'W1.brown@R1', 'W1.brown@R1' => 'W1.blue@R1']))->toBe(['rose-polarity'])
        ->and($causesOf(['W1.blue@SRC' => 'W1.brown@SRC', 'W1.brown@SRC' => 'W1.blue@SRC']))->toBe(['neutral-switched']);
});
