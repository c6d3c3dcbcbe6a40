<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Proving\Misconceptions\BestQuestion;
use Zwindle\Proving\Misconceptions\Misconception;

function roomOf(string $slug): BestQuestion
{
    $circuit = Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json"));

    return new BestQuestion($circuit, (new Survey($circuit))->truthTable);
}

it('asks until every usual misconception has been answered wrongly by whoever holds it', function (string $slug, int $most) {
    $room = roomOf($slug);
    $asked = $wrong = [];
    while (($question = $room->after($asked)) !== null) {
        $asked[] = [$question->state, $question->switch];
        foreach ($question->isOn ? $question->sayOff : $question->sayOn as $one) {
            $wrong[$one->value] = true;
        }
    }
    $about = array_filter(
        Misconception::cases(),
        fn (Misconception $one) => $slug === 'packing-barn' || $one !== Misconception::MiddleCuts,
    );

    expect(array_keys($wrong))->toEqualCanonicalizing(array_column($about, 'value'))->and(count($asked))->toBeLessThanOrEqual($most);
})->with([['propagation-house', 4], ['packing-barn', 5]]);

it('puts the flip first that parts most of them, as trying every flip does', function () {
    $first = roomOf('propagation-house')->after([]);

    // Four misconceptions and what is so: at best two against three, six pairs parted.
    expect(count($first->sayOn) + count($first->sayOff))->toBe(4)
        ->and((count($first->sayOn) + ($first->isOn ? 1 : 0)) * (count($first->sayOff) + ($first->isOn ? 0 : 1)))->toBe(6);
});

it('asks nothing of a board with one switch', function () {
    expect(roomOf('boat-store')->after([]))->toBeNull();
});
