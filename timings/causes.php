<?php

declare(strict_types=1);

/*
 * In how many cases the first repair told takes back just what was done wrong: every single usual mistake on every right
 * board, and every eleventh pair of them: `composer timings-causes`.
 */

use Tests\Support\Files;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\RepairSearch;

require dirname(__DIR__).'/vendor/autoload.php';

const EVERY_PAIR = 11;

/** What is joined with what, whatever the order. */
function joined(Wiring $wiring): array
{
    $joints = array_map(function (Joint $joint): string {
        $points = $joint->points;
        sort($points);

        return implode(' ', $points);
    }, $wiring->joints);
    sort($joints);

    return [$joints, array_map(fn ($model) => $model->id, $wiring->fitted)];
}

$tally = [1 => [0, 0, 0], 2 => [0, 0, 0]];
$count = function (Wiring $right, Mistake ...$mistakes) use (&$tally): void {
    $wrong = array_reduce($mistakes, fn (Wiring $wiring, Mistake $mistake) => $mistake->madeOn($wiring), $right);
    $result = Checker::check($wrong);
    if ($result->verdict !== Verdict::Fail) {
        return;
    }
    $first = RepairSearch::of($result)->repairs[0] ?? null;
    $moves = array_sum(array_map(fn (Mistake $mistake) => count($mistake->moves), $mistakes));
    $isCause = $first !== null && joined(Mover::make($wrong, $first->moves)) === joined($right);
    $tally[count($mistakes)][0]++;
    $tally[count($mistakes)][1] += $isCause ? 1 : 0;
    $tally[count($mistakes)][2] += ! $isCause && $first !== null && count($first->moves) < $moves ? 1 : 0;
};

foreach (Files::rightWirings() as [$board, $file]) {
    $right = Files::wiring($board, $file);
    $mistakes = array_values(array_filter(Mistakes::ofHandOn($right), fn (Mistake $mistake) => $mistake->moves !== []));
    $pair = 0;
    foreach ($mistakes as $i => $one) {
        $count($right, $one);
        foreach (array_slice($mistakes, $i + 1) as $other) {
            if (! $one->clashesWith($other) && $pair++ % EVERY_PAIR === 0) {
                $count($right, $one, $other);
            }
        }
    }
}
foreach ($tally as $size => [$all, $causes, $shorter]) {
    printf(
        "%d mistake(s): %d of %d (%.1f %%) taken back as they were made; in %d more fewer moves do\n",
        $size,
        $causes,
        $all,
        100 * $causes / $all,
        $shorter,
    );
}
