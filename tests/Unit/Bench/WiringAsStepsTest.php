<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepLog;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;

/** @return array{list<list<string>>, list<string>, array<string, mixed>} joints, caps and marks, whatever their order */
function whatStands(Wiring $wiring): array
{
    $joints = array_map(function ($joint): array {
        $points = $joint->points;
        sort($points);

        return $points;
    }, $wiring->joints);
    $caps = $wiring->caps;
    $marks = $wiring->marks;
    sort($joints);
    sort($caps);
    ksort($marks);

    return [$joints, $caps, $marks];
}

it('makes any wiring over what stands already', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 27);
    $stood = $random->moved($right, 3)[0];
    $start = array_map(Step::of(...), WiringAsSteps::of($stood));
    foreach ([$right, $random->moved($right, 2)[0], $stood] as $wanted) {
        $steps = array_map(Step::of(...), WiringAsSteps::over(StepLog::replay($right->board, [], $start)->bench()->wiring(), $wanted));
        $made = StepLog::replay($right->board, $steps, $start)->bench()->wiring();

        expect(whatStands($made))->toEqual(whatStands($wanted));
    }
})->with(Files::rightWirings());
