<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\HandRepairs;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Hunt\HandWork;
use Zwindle\Hunt\NewPart;
use Zwindle\Hunt\WorkedBoard;
use Zwindle\Plan\Planner;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\MoveNotPossible;

const SLUGS = ['propagation-house', 'packing-barn', 'seed-store', 'tool-locker', 'boat-store', 'three-sheds', 'towpath-workshop'];

function wiredRight(string $slug): Wiring
{
    return Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
}

/** @return list<string> what lamps and breaker do */
function shown(WorkedBoard $board): array
{
    $table = (new Survey($board->circuit()))->truthTable;

    return [...array_values($table->lamps), $table->trips];
}

function workedBy(FaultyBoard $board, Act ...$acts): WorkedBoard
{
    return array_reduce($acts, fn (HandWork $work, Act $act) => $work->after($act), HandWork::on($board->untouched()))->now;
}

it('stands with each fault as the diagnosis has it, and is right once hands have put it right', function (string $path) {
    $right = Planner::plan(Files::board($path))->plans[0]->wiring ?? null;
    if ($right === null) {
        // What cannot be wired has no fault.
        expect(Planner::plan(Files::board($path))->plans)->toBe([]);

        return;
    }
    $fine = shown((new FaultyBoard($right, []))->untouched());
    foreach (Mistakes::on($right) as $mistake) {
        $board = new FaultyBoard($right, [$mistake]);
        $table = $board->suspect->table();
        expect(shown($board->untouched()))->toBe([...array_values($table->lamps), $table->trips], $mistake->id())
            ->and($board->untouched()->isMended())->toBeFalse($mistake->id())
            ->and($board->untouched()->left())->toHaveCount(1);
        $mended = workedBy($board, ...HandRepairs::of($board));
        expect($mended->isMended())->toBeTrue($mistake->id())->and(shown($mended))->toBe($fine, $mistake->id())
            ->and($mended->left())->toBe([])
            // So it is where the repair is made whole, as it was kept before hands made it.
            ->and($board->untouched()->mended($mistake)->isMended())->toBeTrue($mistake->id());
    }
})->with(fn () => array_map(
    fn (string $path) => [substr($path, strlen(Files::path('')))],
    array_merge(...array_map(
        fn (string $where) => glob(Files::path("database/$where")) ?: [],
        ['demo/*/board.json', 'demo-library/*.board.json', 'patterns/*.board.json'],
    )),
));

it('takes two faults out one after the other, and counts what is left', function (string $slug) {
    $right = wiredRight($slug);
    $mistakes = Mistakes::on($right);
    mt_srand(29);
    for ($i = 0; $i < 40; $i++) {
        [$one, $other] = [$mistakes[mt_rand(0, count($mistakes) - 1)], $mistakes[mt_rand(0, count($mistakes) - 1)]];
        if ($one->clashesWith($other)) {
            continue;
        }
        $board = new FaultyBoard($right, [$one, $other]);
        $table = $board->suspect->table();
        expect(shown($board->untouched()))->toBe([...array_values($table->lamps), $table->trips], $one->id().' + '.$other->id());
        if (array_filter([$one, $other], fn (Mistake $mistake) => $mistake->moves !== [] && ! $mistake->kind->isHidden()) === []) {
            $acts = HandRepairs::of($board);
            expect(workedBy($board, $acts[0])->left())->toHaveCount(1)->and(workedBy($board, ...$acts)->isMended())->toBeTrue();
        }
    }
})->with(SLUGS);

it('judges what hands have made by behaviour and rules, whichever way it was put right', function () {
    $right = wiredRight('propagation-house');
    $step = fn (array $json): Act => Act::work(Step::of($json));
    $crossed = array_values(array_filter(Mistakes::on($right), fn (Mistake $mistake) => $mistake->kind === MistakeKind::CommonExchanged
        && str_starts_with($mistake->at[0], 'S2')))[0];
    $board = new FaultyBoard($right, [$crossed]);
    $repair = HandRepairs::of($board);
    $mended = workedBy($board, ...$repair);
    $face = $right->board->devices['S2']->face()->landings;
    $throws = array_values(array_filter($face, fn ($landing) => in_array($landing->terminal, ['t1', 't2'], true)));
    $ends = array_map(
        fn ($landing) => array_values(array_diff($mended->look->jointAt("S2.$landing->terminal")->points ?? [], ["S2.$landing->terminal"]))[0],
        $throws,
    );
    // The two travelers the other way round do as well.
    $exchanged = workedBy($board, ...[...$repair,
        $step(['do' => 'land', 'points' => [$ends[0]], 'on' => "S2#{$throws[1]->place}"]),
        $step(['do' => 'land', 'points' => [$ends[1]], 'on' => "S2#{$throws[0]->place}"]),
    ]);
    expect($exchanged->isMended())->toBeTrue()->and($exchanged->look->jointAt($ends[0])?->has("S2.{$throws[1]->terminal}"))->toBeTrue();
    // Half a repair is none, and neither is one that leaves another end off.
    expect(workedBy($board, $repair[0])->isMended())->toBeFalse();
    $offAgain = workedBy($board, ...[...$repair, $step(['do' => 'take', 'points' => [$ends[0]]])]);
    expect($offAgain->isMended())->toBeFalse()->and($offAgain->left())->toBe([]);
});

it('takes back and does again what hands did', function () {
    $right = wiredRight('propagation-house');
    $crossed = array_values(array_filter(Mistakes::on($right), fn (Mistake $mistake) => $mistake->kind === MistakeKind::CommonExchanged))[0];
    $board = new FaultyBoard($right, [$crossed]);
    $repair = HandRepairs::of($board);
    $back = fn (string $do): Act => Act::work(Step::of(['do' => $do]));
    expect(workedBy($board, ...[...$repair, $back('undo')])->isMended())->toBeFalse()
        ->and(workedBy($board, ...[...$repair, $back('undo'), $back('redo')])->isMended())->toBeTrue();
    $work = HandWork::on($board->untouched());
    expect([$work->canUndo(), $work->canRedo()])->toBe([false, false])
        ->and(fn () => $work->after($back('undo')))->toThrow(StepDoesNotFit::class)
        ->and(fn () => $work->after($back('redo')))->toThrow(StepDoesNotFit::class)
        ->and($work->afterIfItFits($back('undo')))->toBe($work);
});

it('tightens by a tug and by landing anew, and by nothing else', function () {
    $right = wiredRight('propagation-house');
    $loose = array_values(array_filter(Mistakes::on($right), fn (Mistake $mistake) => $mistake->kind === MistakeKind::LooseTerminal
        && str_starts_with($mistake->at[1], 'S1.')))[0];
    $board = new FaultyBoard($right, [$loose]);
    [$end, $screw] = $loose->at;
    $landing = array_values(array_filter(
        $right->board->devices['S1']->face()->landings,
        fn ($landing) => "S1.$landing->terminal" === $screw,
    ))[0];
    $take = Act::work(Step::of(['do' => 'take', 'points' => [$end]]));
    $land = Act::work(Step::of(['do' => 'land', 'points' => [$end], 'on' => "S1#$landing->place"]));
    $mark = Act::work(Step::of(['do' => 'mark', 'points' => [$end], 'as' => 'line']));
    foreach ([[Act::of(ActKind::Tighten, $end)], [Act::of(ActKind::Tighten, $screw)], [$take, $land]] as $acts) {
        expect(workedBy($board, ...$acts)->isMended())->toBeTrue()->and(workedBy($board, ...$acts)->flickering(0))->toBe([]);
    }
    $others = array_values(array_diff(array_keys($right->board->points()), [$end, $screw]));
    $elsewhere = array_filter($others, fn (string $point) => $right->jointAt($point) !== null && ! $right->jointAt($point)->has($end));
    foreach ([$mark, Act::of(ActKind::Tighten, array_values($elsewhere)[0]), Act::of(ActKind::Fit, 'S2|three-way')] as $act) {
        expect(workedBy($board, $act)->left())->toHaveCount(1);
    }
    expect(fn () => workedBy($board, Act::of(ActKind::Tighten, 'nowhere')))->toThrow(StepDoesNotFit::class);
});

it('fits what goes there, and nothing that has no place for what is held', function () {
    $right = wiredRight('packing-barn');
    $devices = $right->board->devices;
    $fourWay = array_values(array_filter($devices, fn ($device) => $right->modelOf($device)->function?->value === 'four-way'))[0];
    $board = new FaultyBoard($right, []);
    expect(array_keys(NewPart::fitting($right, $fourWay)))->toContain('four-way', 'two-pole', 'three-way')
        ->and(NewPart::fitting($right, $fourWay)['four-way'])->toBe($right->modelOf($fourWay))
        ->and(NewPart::fitting($right, $right->board->supply()))->toBe([])
        ->and(fn () => workedBy($board, Act::of(ActKind::Fit, "$fourWay->id|one-pole")))->toThrow(MoveNotPossible::class)
        ->and(fn () => workedBy($board, Act::of(ActKind::Fit, "$fourWay->id|rust")))->toThrow(StepDoesNotFit::class)
        ->and(fn () => workedBy($board, Act::of(ActKind::NewRun, 'W99')))->toThrow(StepDoesNotFit::class)
        // The look-alike is no repair, whoever fits it.
        ->and(workedBy($board, Act::of(ActKind::Fit, "$fourWay->id|two-pole"))->isMended())->toBeFalse();
});
