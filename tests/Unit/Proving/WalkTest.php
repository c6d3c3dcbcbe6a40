<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Landings;
use Tests\Support\PathWalk;
use Tests\Support\TestRound;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\Walk\EveryLanding;
use Zwindle\Proving\Walk\NextFlip;
use Zwindle\Proving\Walk\Walk;
use Zwindle\Proving\Walk\WouldPass;

/** @param  list<string>  $flips */
function walked(Wiring $wiring, array $flips, int $from = 0): Walk
{
    $round = new TestRound($wiring);
    $round->standAt($from)->on(ActKind::TurnOn, $round->proof->supply->own);
    foreach ($flips as $switch) {
        $round->on(ActKind::Flip, $switch);
    }

    return Walk::newest($round->log, 0);
}

it('counts which of the 36 landings on two three-ways pass a walk as trying them all blindly does', function (array $flips, int $from) {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $found = WouldPass::of($right, walked($right, $flips, $from));
    $asMade = $withLuck = $wrong = 0;
    foreach (Landings::onTwoThreeWays() as $wiring) {
        // Paths walked by hand, with no solver: a lamp is lit where a way leads from line to neutral through it.
        $states = PathWalk::everyState($wiring);
        $lit = array_map(fn ($state) => $state['lamps']['LA'] > 0.9, $states);
        $passes = function (int $state, array $switches) use ($lit): bool {
            foreach ($switches as $switch) {
                $next = $state ^ ($switch === 'S1' ? 2 : 1);
                if ($lit[$state] === $lit[$next]) {
                    return false;
                }
                $state = $next;
            }

            return true;
        };
        if ($passes(0, ['S1', 'S2', 'S1', 'S2'])) {
            continue;
        }
        $wrong++;
        $asMade += $passes($from, $flips) ? 1 : 0;
        $withLuck += array_filter([0, 1, 2, 3], fn (int $state) => $passes($state, $flips)) !== [] ? 1 : 0;
    }

    expect([$found->landings, $found->wrong, $found->asMade, $found->withLuck])->toBe([36, $wrong, $asMade, $withLuck]);
})->with([
    'one switch four times' => [['S1', 'S1', 'S1', 'S1'], 0],
    'the other one twice, from another start' => [['S2', 'S2'], 3],
    'alternating' => [['S1', 'S2', 'S1'], 0],
    'nothing at all' => [[], 0],
]);

it('lets 24 of the 32 wrong three-way wirings pass four flips of one switch with luck, 12 on average', function () {
    // trade-facts section 3, derived there by enumeration.
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $found = WouldPass::of($right, walked($right, ['S1', 'S1', 'S1', 'S1']));

    expect([$found->wrong, $found->withLuck, $found->onAverage])->toBe([32, 24, 12.0]);
    $alternating = WouldPass::of($right, walked($right, ['S1', 'S2', 'S1']));
    expect($alternating->withLuck)->toBe(0)->and($alternating->trap)->toBeNull();
});

it('sets a trap that passes the walk and fails at the flip that it names', function (string $slug, array $flips) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $walk = walked($right, $flips);
    $trap = WouldPass::of($right, $walk)->trap;
    $circuit = Circuit::of($right);
    $bit = fn (string $switch): int => $circuit->bitOf((int) array_search($switch, $circuit->switches, true));

    expect($trap)->not->toBeNull();
    $lamp = array_key_first($trap->table->lamps);
    $state = $walk->from;
    foreach ([...$flips, ...array_slice($trap->tell, 0, -1)] as $switch) {
        $next = $state ^ $bit($switch);
        expect($trap->table->lamps[$lamp][$next])->not->toBe($trap->table->lamps[$lamp][$state]);
        $state = $next;
    }
    $next = $state ^ $bit($trap->tell[count($trap->tell) - 1]);
    expect($trap->table->lamps[$lamp][$next])->toBe($trap->table->lamps[$lamp][$state]);
})->with([['propagation-house', ['S1', 'S1', 'S1', 'S1']], ['packing-barn', ['S1', 'S2']], ['towpath-workshop', ['S2', 'S2']]]);

it('lands every switch otherwise as its contacts have it', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $landing = new EveryLanding(Circuit::of($right));
    $here = [];
    foreach ($landing->orders() as $orders) {
        $here[] = (new Survey($landing->circuit($orders)))->truthTable->lamps['LA'];
    }
    $there = array_map(fn (Wiring $wiring) => (new Survey(Circuit::of($wiring)))->truthTable->lamps['LA'], Landings::onTwoThreeWays());
    sort($here);
    sort($there);

    expect($here)->toBe($there);
});

it('leads through every combination in 2ⁿ − 1 flips, from anywhere and after a wrong turn', function (string $slug, int $from) {
    $circuit = Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json"));
    [$seen, $state, $flips] = [[$from => true], $from, 0];
    while (($switch = NextFlip::from($circuit, $state, $seen)) !== null && $flips < 100) {
        $state ^= $circuit->bitOf((int) array_search($switch, $circuit->switches, true));
        $seen = [$state => true] + $seen;
        $flips++;
    }

    expect(count($seen))->toBe($circuit->stateCount())->and($flips)->toBe($circuit->stateCount() - 1);
})->with([['propagation-house', 0], ['propagation-house', 2], ['packing-barn', 5], ['towpath-workshop', 1]]);

it('says flip by flip whether the lamp answered', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $crossed = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/crossed.wiring.json');

    expect(walked($right, ['S1', 'S2', 'S1'])->answered(Circuit::of($right)))->toBe([true, true, true])
        ->and(in_array(false, walked($crossed, ['S1', 'S2', 'S1'])->answered(Circuit::of($crossed)), true))->toBeTrue();
});
