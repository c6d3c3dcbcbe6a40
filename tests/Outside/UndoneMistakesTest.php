<?php

declare(strict_types=1);

use Tests\Rehearsal\Chance;
use Tests\Rehearsal\RandomBoard;
use Tests\Support\Build;
use Tests\Support\EveryBoard;
use Tests\Support\Files;
use Tests\Support\Share;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\RepairSearch;
use Zwindle\Repair\Tidying;

/** What a repair may take beyond the shortest before it need not be told. */
const MOVES_BEYOND = 2;

/** What speaks against the way that the wrong wiring is put right; nothing where it is put right as well as it was. */
function againstUndoing(Wiring $right, Mistake $mistake): ?string
{
    $wrong = $mistake->madeOn($right);
    $result = Checker::check($wrong);
    $meant = Checker::check($right)->verdict;
    $ends = fn (array $moves) => Checker::check(Mover::make($wrong, $moves))->verdict === $meant;
    if ($result->verdict === Verdict::Fail) {
        $told = RepairSearch::of($result);
        $isFar = count($mistake->moves) > count($told->repairs[0]->moves ?? []) + MOVES_BEYOND;
        $best = array_filter([...array_slice($told->repairs, 0, 1), ...$told->also], fn ($repair) => $ends($repair->moves));

        return $told->repairs !== [] && ($best !== [] || $isFar) ? null : 'is not put right as it was';
    }
    $tidy = Tidying::of($result);

    return $result->verdict === $meant || ($tidy !== [] && $ends($tidy[0])) ? null : 'is not tidied up';
}

/**
 * Right wirings with the mistakes that can be made on them, the boards of the repository by turns, and one in four of chance's making.
 *
 * @return Generator<array{string, Wiring, list<Mistake>}>
 */
function rightWirings(int $seed): Generator
{
    $paths = EveryBoard::paths();
    $known = [];
    for ($i = 0; ; $i++) {
        $drawn = ['na', 'gb'][$i % 2];
        $path = $paths[($i * 13) % count($paths)];
        $board = fn (): Board => $i % 4 === 3 ? Build::board(RandomBoard::of(new Chance($seed + $i), $drawn)) : Files::board($path);
        $name = $i % 4 === 3 ? 'chance '.($seed + $i) : $path;
        $known[$name] ??= Planner::plan($board())->plans[0]->wiring ?? false;
        if ($known[$name] !== false) {
            yield [$name, $known[$name], Mistakes::ofHandOn($known[$name])];
        }
    }
}

it('undoes a usual mistake in its first repair, in a longer one that ends better, or by tidying up', function () {
    $seed = (int) (getenv('MISTAKE_SEED') ?: 28);
    $rights = rightWirings($seed);
    $against = [];
    $tried = 0;
    foreach (Share::of(most: 60, least: 25) as $i) {
        [$name, $right, $mistakes] = $rights->current();
        $rights->next();
        $tried++;
        $mistake = $mistakes[($seed + $i * 31) % count($mistakes)];
        $what = againstUndoing($right, $mistake);
        $against = $what === null ? $against : [...$against, "$name: {$mistake->id()} $what"];
    }
    getenv('RANDOM_SECONDS') === false || fwrite(STDERR, "$tried mistakes".PHP_EOL);

    expect($against)->toBe([])->and($tried)->toBeGreaterThan(20);
});
