<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Circuit\Scheme\Roles;
use Zwindle\Circuit\Solve\Survey;

/** @return list<string> */
function rolesAt(Wiring $wiring, string $point): array
{
    return array_map(fn (Role $role) => $role->value, Roles::of(new Survey(Circuit::of($wiring)))->at($point));
}

it('tells what each core of a three-way carries', function (string $point, string $role) {
    expect(rolesAt(
        Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json'),
        $point,
    ))->toBe([$role]);
})->with([
    ['W1.black@B1', 'line'], ['W1.white@B1', 'neutral'], ['W1.bare@B1', 'earth'], ['W2.black@B1', 'traveller'],
    ['W2.red@B2', 'traveller'], ['W2.white@B1', 'neutral'], ['W3.black@L1', 'switched-line'], ['W3.white@L1', 'neutral'],
]);

it('tells what the sleeved cores of a loop-in carry', function (string $point, string $role) {
    expect(rolesAt(
        Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json'),
        $point,
    ))->toBe([$role]);
})->with([['W2.brown@K1', 'line'], ['W2.blue@K1', 'switched-line'], ['W1.blue@R1', 'neutral'], ['W2.bare@K1', 'earth']]);

it('knows travellers and switched line by what hangs on them while the feed is off', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $dead = Build::without($right, 'W1.black@SRC');

    expect(rolesAt($dead, 'W2.black@B1'))->toBe(['traveller'])
        ->and(rolesAt($dead, 'W3.black@L1'))->toBe(['switched-line'])
        ->and(rolesAt($dead, 'W1.black@B1'))->toBe(['none']);
});

it('calls a core beyond a switch in the neutral a neutral', function () {
    expect(rolesAt(
        Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/neutral-switched.wiring.json'),
        'W2.red@L1',
    ))->toBe(['neutral']);
});

it('gives a core on two terminals of the supply both roles', function () {
    $wiring = Files::wiring(
        'tests/Corpus/findings/short-line-neutral/board.json',
        'tests/Corpus/findings/short-line-neutral/has.wiring.json',
    );

    expect(rolesAt($wiring, 'W2.white@B1'))->toBe(['line', 'neutral']);
});

it('gives a spare core none', function () {
    $right = Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/right.wiring.json');

    expect(rolesAt(Build::without($right, 'W2.white@L1'), 'W2.white@B1'))->toBe(['none']);
});
