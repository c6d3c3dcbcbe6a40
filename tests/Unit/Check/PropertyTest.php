<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Tests\Support\Rewritten;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;

/** What a check comes to, apart from names and order: the lamps' columns, the trips, the schemes and the codes with how many points. */
function essenceOf(Wiring $wiring): array
{
    $result = Checker::check($wiring);
    $codes = array_map(fn (Finding $finding) => $finding->code->value.' at '.count($finding->at), $result->findings);
    sort($codes);
    $columns = array_values($result->evidence->table->lamps);
    sort($columns);

    return [$result->verdict, $result->evidence->schemes, $columns, $result->evidence->table->trips, $codes];
}

/** @return iterable<Wiring> a right wiring and random miswirings of it */
function someOn(string $board, string $file): iterable
{
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 77);
    yield $right;
    for ($i = 0; $i < 5; $i++) {
        yield $random->spoil($right);
    }
    yield $random->throwTogether($right->board);
}

it('does not change when everything gets another name', function (string $board, string $file) {
    foreach (someOn($board, $file) as $wiring) {
        expect(essenceOf(Rewritten::renamed($wiring)))->toBe(essenceOf($wiring));
    }
})->with(Files::rightWirings());

it('does not change when boxes, cables and joints are listed the other way round and cables run from the other end', function (
    string $board,
    string $file,
) {
    foreach (someOn($board, $file) as $wiring) {
        expect(essenceOf(Rewritten::reordered($wiring)))->toBe(essenceOf($wiring));
    }
})->with(Files::rightWirings());

it('does not change when the board is hung as in a mirror', function (string $board, string $file) {
    foreach (someOn($board, $file) as $wiring) {
        expect(essenceOf(Rewritten::mirrored($wiring)))->toBe(essenceOf($wiring));
    }
})->with(Files::rightWirings());

it('turns the table over, and nothing else, when every paddle of a control is put in upside down', function (string $board, string $file) {
    // A three-way or a four-way put in upside down exchanges what up and down make.
    $right = Files::wiring($board, $file);
    foreach ($right->board->devices as $switch) {
        $function = $switch->model->function?->value;
        $turns = ['three-way' => [['t1', 't2'], ['l1', 'l2']], 'four-way' => [['b1', 'b2']]][$function] ?? [];
        foreach ($turns as [$one, $other]) {
            if (
                ! isset($switch->model->terminals[$one])
                || $right->jointAt("$switch->id.$one") === null
                || $right->jointAt("$switch->id.$other") === null
            ) {
                continue;
            }
            $turned = Tests\Support\Build::exchange($right, "$switch->id.$one", "$switch->id.$other");
            $before = Checker::check($right)->evidence->table;
            $after = Checker::check($turned)->evidence->table;
            foreach ($right->board->controls as $control) {
                foreach ($control->lamps as $lamp) {
                    $expected = in_array($switch->id, $control->switches, true)
                        ? strtr($before->lamps[$lamp], '01', '10')
                        : $before->lamps[$lamp];
                    expect($after->lamps[$lamp])->toBe($expected);
                }
            }
        }
    }
    expect($right->board->controls)->not->toBe([]);
})->with(Files::rightWirings());
