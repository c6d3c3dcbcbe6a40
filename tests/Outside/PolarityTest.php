<?php

declare(strict_types=1);

use Tests\Support\EveryBoard;
use Tests\Support\Files;
use Tests\Support\PolarityByHand;
use Tests\Support\RandomWiring;
use Tests\Support\Share;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\RepairSearch;
use Zwindle\Repair\Tidying;

/** @return list<string> codes of the findings that tell of polarity and work all the same */
function polarityRemarks(Wiring $wiring): array
{
    $found = array_filter(
        Checker::check($wiring)->findings,
        fn (Finding $finding) => in_array($finding->code->value, ['flex-reversed', 'rose-blocks-exchanged'], true),
    );

    return array_values(array_map(fn (Finding $finding) => $finding->code->value, $found));
}

/**
 * What speaks against the judgement of one wiring, and against what it is told to do about it.
 *
 * @return list<string>
 */
function againstPolarity(Wiring $wiring): array
{
    $hand = new PolarityByHand($wiring);
    $result = Checker::check($wiring);
    $isRight = $hand->faults() === [];
    $against = [];
    if (! $isRight && ! $result->failsByItself()) {
        $against[] = 'does not fail: '.implode(', ', $hand->faults());
    }
    if (! $result->failsByItself() && count($hand->remarks()) !== count(polarityRemarks($wiring))) {
        $against[] = 'remarks: '.implode(', ', $hand->remarks()).' against '.implode(', ', polarityRemarks($wiring));
    }
    if ($result->verdict === Verdict::Pass && $hand->lyingMarks() !== []) {
        $against[] = 'passes with a lying mark: '.implode(', ', $hand->lyingMarks());
    }
    foreach (array_slice(RepairSearch::of($result)->repairs, 0, 1) as $repair) {
        $after = new PolarityByHand(Mover::make($wiring, $repair->moves));
        $against = [
            ...$against,
            ...array_map(fn (string $fault) => "left by the repair: $fault", $after->faults()),
            ...array_map(fn (string $remark) => "made by the repair: $remark", array_diff($after->remarks(), $hand->remarks(), $hand->outOfOrder())),
        ];
    }
    foreach (array_slice(Tidying::of($result), 0, 1) as $moves) {
        $made = Mover::make($wiring, $moves);
        $after = new PolarityByHand($made);
        $left = [...$after->faults(), ...$after->remarks(), ...$after->lyingMarks()];
        $against = [...$against, ...array_map(fn (string $what) => "left by tidying: $what", $left)];
    }
    $isUntold = $result->verdict === Verdict::Fail && RepairSearch::of($result)->repairs === [];

    return $isUntold ? [...$against, 'no repair'] : $against;
}

it('judges polarity, repairs and tidies as an inspector with a long lead would', function () {
    $boards = [];
    foreach (EveryBoard::paths() as $path) {
        $board = Files::board($path);
        $hasPlace = $board->devicesOf(DeviceKind::Rose) !== [] || $board->devicesOf(DeviceKind::Receptacle) !== [];
        // Boards with roses and receptacles twice as often.
        $boards = count($board->devicesOf(DeviceKind::Switch)) > 4 ? $boards : [...$boards, $path, ...($hasPlace ? [$path] : [])];
    }
    $random = new RandomWiring((int) (getenv('POLARITY_SEED') ?: 28));
    $against = [];
    $counts = ['fail' => 0, 'remarks' => 0, 'pass' => 0];
    $rights = [];
    foreach (Share::of(most: 60, least: 25) as $i) {
        $path = $boards[($i * 13) % count($boards)];
        $right = $rights[$path] ??= Planner::plan(Files::board($path))->plans[0]->wiring ?? null;
        if ($right === null) {
            continue;
        }
        $wiring = $random->withPolarityMixedUp($right);
        $counts[Checker::check($wiring)->verdict->value]++;
        foreach (againstPolarity($wiring) as $what) {
            $against[] = "$path, case $i: $what";
        }
    }
    getenv('RANDOM_SECONDS') === false || fwrite(STDERR, json_encode($counts).PHP_EOL);

    expect($against)->toBe([])->and($counts['fail'])->toBeGreaterThan(5)->and($counts['remarks'])->toBeGreaterThan(3);
});
