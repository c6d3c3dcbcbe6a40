<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Task\NoWayToPass;
use Zwindle\Exam\Task\RulesInForce;

it('finds none where one of several wirings may pass, and says what fails all', function () {
    $right = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json');
    $unsleeved = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/unsleeved.wiring.json');
    $bare = Wiring::bare($right->board);
    $rules = new RulesInForce;

    expect(NoWayToPass::among($rules, [$right]))->toBeNull()
        ->and(NoWayToPass::among($rules, [$unsleeved]))->toBeNull()
        // One fails and the other does not: what may pass is not refused.
        ->and(NoWayToPass::among($rules, [$bare, $right]))->toBeNull()
        ->and(NoWayToPass::among($rules, []))->toBeNull()
        ->and(NoWayToPass::among($rules, [$bare])?->verdict)->toBe(Verdict::Fail);
});
