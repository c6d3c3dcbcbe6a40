<?php

declare(strict_types=1);

/*
 * Times the plan of an evening: `php timings/evening.php`. Figures to meet: twelve sittings at three stations proved under 200 ms,
 * two hundred at forty under two seconds.
 */

use Tests\Support\Evenings;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\Pause;
use Zwindle\Evening\Seating\EveningPlanner;

require dirname(__DIR__).'/vendor/autoload.php';

echo "people  stations  extra  break   end  at least      ms\n";
foreach ([[12, 3, 0, false], [12, 3, 3, true], [22, 12, 5, true], [60, 7, 4, true], [200, 40, 0, true], [200, 40, 5, true]] as $case) {
    [$people, $stations, $extraEvery, $hasBreak] = $case;
    $evening = new EveningDraft(
        '', Evenings::people($people, $extraEvery), Evenings::row($stations), 15, 3, 4, breaks: $hasBreak ? [new Pause(60, 75)] : [],
    );
    $start = hrtime(true);
    $plan = EveningPlanner::plan($evening);
    assert($plan instanceof EveningPlan);
    printf(
        "%6d  %8d  %5d  %5s  %4d  %8d  %6.0f\n",
        $people, $stations, $extraEvery, $hasBreak ? 'yes' : 'no', $plan->minutes, $plan->atLeast, (hrtime(true) - $start) / 1e6,
    );
}

$times = [];
foreach (range(1, 100) as $seed) {
    $start = hrtime(true);
    EveningPlanner::plan(Evenings::random($seed, 12));
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
printf("100 evenings of 12 sittings by chance: median %.1f ms, 95 of 100 under %.0f ms, longest %.0f ms\n", $times[49], $times[94], $times[99]);
