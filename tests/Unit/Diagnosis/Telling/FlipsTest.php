<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Landings;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Diagnosis\Telling\FlipTest;
use Zwindle\Diagnosis\Telling\FlipWalk;

/** @return list<list<int>> for each of the 32 wrong landings on two three-ways, the states from which it passes these flips */
function passesOfWrongThreeWays(array $flips): array
{
    $passes = [];
    foreach (Landings::onTwoThreeWays() as $wiring) {
        $table = (new Survey(Circuit::of($wiring)))->truthTable;
        if (! in_array($table->lamps['LA'], ['0110', '1001'], true)) {
            $passes[] = (new FlipTest(Circuit::of($wiring), $flips))->passedFrom($table);
        }
    }

    return $passes;
}

it('lets 24 of the 32 wrong three-way wirings pass four flips of one switch when the other stands luckily, 12 on average', function (
    string $switch,
) {
    // trade-facts section 3, derived by enumeration: checked here.
    $passes = passesOfWrongThreeWays([$switch, $switch, $switch, $switch]);
    $lucky = array_filter($passes, fn (array $states) => $states !== []);

    // A start that passes does so with either position of the switch that is flipped: two of four states are one in two.
    expect($passes)->toHaveCount(32)->and(count($lucky))->toBe(24)
        ->and(array_sum(array_map(count(...), $passes)) / 4)->toBe(12);
})->with(['S1', 'S2']);

it('exposes every wrong three-way wiring within three flips of the two in turn, from wherever they stand', function (array $flips) {
    expect(array_filter(passesOfWrongThreeWays($flips), fn (array $states) => $states !== []))->toBe([]);
})->with([[['S1', 'S2', 'S1']], [['S2', 'S1', 'S2']]]);

it('visits every combination once with the fewest single flips', function (int $count) {
    $switches = array_map(fn (int $i) => "S$i", range(1, $count));
    $walk = FlipWalk::of($switches);
    $seen = [$state = 0 => true];
    foreach ($walk as $switch) {
        $state ^= 1 << array_search($switch, $switches, true);
        $seen[$state] = true;
    }

    // trade-facts section 3: 3, 7, 15 flips for two, three, four switches.
    expect(count($walk))->toBe(2 ** $count - 1)->and(count($seen))->toBe(2 ** $count);
})->with([1, 2, 3, 4, 8]);

it('has no flips for a board without switches', function () {
    expect(FlipWalk::of([]))->toBe([]);
});

it('passes a right wiring from everywhere, and one that trips from nowhere that leads into the trip', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $test = new FlipTest(Circuit::of($right), ['S1', 'S2', 'S3', 'S2']);
    $passes = fn (Wiring $wiring) => $test->passedFrom((new Survey(Circuit::of($wiring)))->truthTable);
    $shorted = Files::wiring(
        'tests/Corpus/findings/short-line-neutral/board.json',
        'tests/Corpus/findings/short-line-neutral/has.wiring.json',
    );
    $short = (new Survey(Circuit::of($shorted)))->truthTable;
    $switch = Circuit::of($shorted)->switches[0];

    expect($passes($right))->toBe(range(0, 7))
        ->and($short->everTrips())->toBeTrue()
        ->and(count((new FlipTest(Circuit::of($shorted), [$switch]))->passedFrom($short)))->toBeLessThan($short->count());
});
