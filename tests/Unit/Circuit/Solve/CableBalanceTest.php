<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\CableBalance;
use Zwindle\Circuit\Solve\Survey;

/** @return list<string> */
function unbalanced(Wiring $wiring): array
{
    return (new CableBalance(new Survey(Circuit::of($wiring))))->unbalanced();
}

it('finds the runs of a loop that current goes round', function () {
    $folder = 'tests/Corpus/findings/separate-return';

    expect(unbalanced(Files::wiring("$folder/board.json", "$folder/has.wiring.json")))->toBe(['W1', 'W2', 'W3'])
        ->and(unbalanced(Files::wiring("$folder/board.json", "$folder/has-not.wiring.json")))->toBe([]);
});

it('lets two rings side by side be: what goes round in one comes back in the other', function () {
    // Line and neutral both on all three runs of the ring, so that they divide alike.
    $board = json_decode(Files::text('tests/Corpus/findings/separate-return/board.json'), true);
    $board['devices'] = [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder']];
    unset($board['controls']);
    $joints = [
        ['SRC', 'PS.line W1.black@SRC W3.black@SRC'], ['SRC', 'PS.neutral W1.white@SRC W3.white@SRC'], ['B1', 'W1.black@B1 W2.black@B1'],
        ['B1', 'W1.white@B1 W2.white@B1'], ['L1', 'LA.hot W2.black@L1 W3.black@L1'], ['L1', 'LA.neutral W2.white@L1 W3.white@L1'],
    ];
    $joint = fn (array $line) => new Zwindle\Board\Wiring\Joint($line[0], explode(' ', $line[1]), Zwindle\Board\Wiring\JoinedBy::WireNut);
    $ring = Wiring::of(Build::board($board), array_map($joint, $joints));

    expect(unbalanced($ring))->toBe([])
        ->and(unbalanced(Build::without($ring, 'W3.white@L1')))->toBe(['W1', 'W2', 'W3']);
});

it('finds the cable whose earth carries some of the current', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $folder = 'tests/Corpus/findings/neutral-earth-contact';

    expect(unbalanced($right))->toBe([])
        ->and(unbalanced(Files::wiring("$folder/board.json", "$folder/has.wiring.json")))->toContain('W2');
});

it('counts a receptacle as a load', function () {
    $right = Files::wiring(
        'tests/Corpus/right/receptacle-spliced-through/board.json',
        'tests/Corpus/right/receptacle-spliced-through/right.wiring.json',
    );
    $onEarth = Build::renamed($right, ['RC.neutral' => 'RC.earth', 'RC.earth' => 'RC.neutral']);

    expect(unbalanced($right))->toBe([])->and(unbalanced($onEarth))->toBe(['W1']);
});

it('never judges singles', function () {
    expect(unbalanced(Files::wiring(
        'tests/Corpus/right/five-switches-in-singles/board.json',
        'tests/Corpus/right/five-switches-in-singles/right.wiring.json',
    )))->toBe([]);
});
