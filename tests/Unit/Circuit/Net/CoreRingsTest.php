<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Core;
use Zwindle\Circuit\Net\CoreRings;

/** @return list<list<string>> */
function ringsOf(string $name): array
{
    $wiring = Files::wiring('tests/Corpus/findings/parallel-path/board.json', "tests/Corpus/findings/parallel-path/$name.wiring.json");
    $cores = array_merge(...array_map(fn ($cable) => array_values($cable->cores), array_values($wiring->board->cables)));
    $insulated = array_values(array_filter($cores, fn (Core $core) => $core->name !== 'bare'));

    return array_map(
        fn (array $ring) => array_map(fn (Core $core) => "$core->cable.$core->name", $ring),
        CoreRings::among($wiring, $insulated),
    );
}

it('finds the cores that close a ring and leaves out what only hangs on it', function () {
    expect(ringsOf('has'))->toBe([['W1.white', 'W2.white', 'W3.white']])->and(ringsOf('has-not'))->toBe([]);
});
