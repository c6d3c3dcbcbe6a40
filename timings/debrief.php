<?php

declare(strict_types=1);

/*
 * What the questions of a debrief cost with their answers in words, on every demo board with something wrong done to it:
 * `composer timings-debrief`. Everyone who hands in waits for them. Figure to meet: 50 ms at the median, 250 ms at the worst.
 */

use App\Shapes\Classes\DebriefShape;
use Illuminate\Contracts\Console\Kernel;
use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Check\Checker;
use Zwindle\Exam\Grading\WhatIf;
use Zwindle\Repair\Advice;

require dirname(__DIR__).'/vendor/autoload.php';
(require dirname(__DIR__).'/bootstrap/app.php')->make(Kernel::class)->bootstrap();

const ROUNDS = 5;

$random = new RandomWiring(29);
$times = [];
foreach (Files::rightWirings() as $name => $pair) {
    for ($round = 0; $round < ROUNDS; $round++) {
        $wiring = $random->spoil(Files::wiring(...$pair));
        $words = new DebriefShape(Advice::of(Checker::check($wiring)));
        $start = hrtime(true);
        $words->questions(WhatIf::onOwnOrRight($wiring, "$round"));
        $times["$name, round $round"] = (hrtime(true) - $start) / 1e6;
    }
}
asort($times);
printf(
    "%d debriefs: %.0f ms at the median, %.0f ms at the worst (%s)\n",
    count($times),
    array_values($times)[intdiv(count($times), 2)],
    end($times),
    array_key_last($times),
);
