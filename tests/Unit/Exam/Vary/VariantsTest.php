<?php

declare(strict_types=1);

use Tests\Support\Chain as ChainFiles;
use Tests\Support\Files;
use Zwindle\Board\Board;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Exam\Vary\EqualWork;
use Zwindle\Exam\Vary\Layout;
use Zwindle\Exam\Vary\Layouts;
use Zwindle\Exam\Vary\Surface;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

const STATION = 'database/patterns/na-08-station-fed-at-the-first-switch.board.json';

/** @return list<Variant> */
function variantsOf(string $board, string $seed, int $seats, ?array $varying = null, int $rowLength = 6): array
{
    return (new Variants(Files::board($board), $varying ?? VariedAspects::cases()))->forSeats($seed, $seats, $rowLength);
}

// Worked out by another program (Python's hashlib): SHA-256 of "1#0", its first 13 hex digits, by the number of sides.
it('throws the same for ever', function () {
    $dice = new Dice('1');

    expect([$dice->throw(1000), $dice->throw(1000), $dice->throw(1000)])->toBe([849, 61, 926])
        ->and((new Dice('a seed'))->shuffled([1, 2, 3, 4, 5, 6, 7, 8]))->toBe([6, 2, 5, 4, 7, 3, 8, 1])
        ->and((new Dice('a seed'))->for('faces')->throw(1_000_000))->toBe((new Dice('a seed/faces'))->throw(1_000_000));
});

it('throws every side about as often', function () {
    $dice = new Dice('fair');
    $count = array_fill(0, 6, 0);
    for ($i = 0; $i < 6000; $i++) {
        $count[$dice->throw(6)]++;
    }

    // 1,000 each; six standard deviations are 173.
    expect(min($count))->toBeGreaterThan(827)->and(max($count))->toBeLessThan(1173);
});

it('gives the same variants for the same seed, and others for another', function () {
    $keys = fn (string $seed) => array_map(fn (Variant $variant) => $variant->key, variantsOf(STATION, $seed, 12));

    expect($keys('2026-11'))->toBe($keys('2026-11'))->not->toBe($keys('2026-12'))
        // One of them is written down: it must be the same after any change of the product.
        ->and(json_encode(
            BoardArray::of(variantsOf(STATION, 'golden', 12)[0]->board),
            JSON_PRETTY_PRINT,
        )."\n")->toBe(file_get_contents(__DIR__.'/golden.board.json'));
});

it('keeps the work equal, the neighbours different and every variant possible', function (string $board, int $seats) {
    $generator = new Variants(Files::board($board), VariedAspects::cases());
    for ($seed = 1; $seed <= 12; $seed++) {
        $variants = $generator->forSeats("seed $seed", $seats, 6);
        $joints = array_map(fn (Variant $variant) => $variant->layout->joints, $variants);
        $conductors = array_map(fn (Variant $variant) => $variant->layout->conductors, $variants);

        expect(max($joints))->toBeLessThanOrEqual(1.1 * min($joints))
            ->and(max($conductors))->toBeLessThanOrEqual(1.1 * min($conductors))
            ->and(array_unique(array_map(fn (Variant $variant) => $variant->layout->difficulty, $variants)))->toHaveCount(1)
            ->and(array_unique(array_map(fn (Variant $variant) => $variant->key, $variants)))->toHaveCount($seats);
        foreach ($variants as $i => $variant) {
            foreach ([$i - 1, $i - 6] as $beside) {
                expect($variant->telling)->not->toBe($variants[$beside]->telling ?? null);
            }
        }
    }
    foreach ($variants as $variant) {
        $plan = Planner::plan($variant->board)->plans[0] ?? null;

        // What it takes is counted from the plan of the board that the seat gets, not of the layout it was made from.
        expect($plan)->not->toBeNull()->and(count($plan->wiring->joints))->toBe($variant->layout->joints)
            ->and(Checker::check($plan->wiring)->verdict)->not->toBe(Verdict::Fail);
    }
})->with([
    'the examination station' => [STATION, 24],
    'without grounds' => ['database/patterns/na-08-station-fed-at-the-light-no-grounds.board.json', 12],
    'a three-way' => ['database/patterns/na-03-three-way-feed-through.board.json', 20],
    'a British two-way' => ['database/patterns/gb-04-two-way-extension.board.json', 20],
    'an intermediate in conduit, whose layout cannot change' => ['database/patterns/gb-06-intermediate-in-conduit.board.json', 20],
    'two lights on two switches' => ['database/patterns/na-07-two-lights.board.json', 12],
    'a joint box' => ['database/patterns/gb-03-joint-box.board.json', 12],
    'a single switch' => ['database/patterns/na-01-single-at-the-switch.board.json', 6],
]);

it('gives neighbours another layout wherever there are three to choose from', function () {
    $generator = new Variants(Files::board(STATION), VariedAspects::cases());
    foreach (['x', 'y', 'z'] as $seed) {
        $variants = $generator->forSeats($seed, 24, 6);
        foreach ($variants as $i => $variant) {
            foreach ([$i - 1, $i - 6] as $beside) {
                expect($variant->layout)->not->toBe($variants[$beside]->layout ?? null);
            }
        }
    }
});

it('moves each of several lights, and a light whose feed has gone elsewhere', function () {
    $lamps = fn (string $board, array $varying) => array_values(array_unique(array_map(
        fn (Layout $layout) => $layout->feedAt.' '.json_encode($layout->lampsAt),
        Layouts::of(Files::board($board), $varying),
    )));

    expect($lamps(
        'database/patterns/na-07-two-lights.board.json',
        [VariedAspects::Lamp],
    ))->toBe(['B1 {"H1":"B1","H2":"H1"}', 'B1 {"H1":"B1","H2":"B1"}'])
        // Fed at the light it stays, for two cables come there; fed elsewhere it hangs on one cable, and can go to any switch.
        ->and($lamps('database/patterns/na-08-station-fed-at-the-light.board.json', [VariedAspects::Lamp]))->toBe(['H1 {"H1":"F"}'])
        ->and(count($lamps('database/patterns/na-08-station-fed-at-the-light.board.json', [
            VariedAspects::Lamp,
            VariedAspects::Feed,
        ])))->toBe(10);
});

it('gives the examination station the same layouts wherever it is drawn to be fed', function () {
    $layouts = function (string $station): array {
        $moved = array_filter(
            Layouts::of(
                Files::board("database/patterns/na-08-station-fed-at-the-$station.board.json"),
                [VariedAspects::Feed, VariedAspects::Lamp],
            ),
            fn (Layout $layout) => $layout->feedAt !== 'H1',
        );
        $work = array_map(fn (Layout $layout) => $layout->feedAt.' '.implode(',', $layout->lampsAt)." $layout->difficulty", $moved);
        sort($work);

        return $work;
    };

    expect($layouts('light'))->toBe($layouts('first-switch'))->toBe($layouts('last-switch'))->toHaveCount(9);
});

it('lays out a chain of twelve switches without trying every order of ten that are alike', function () {
    $board = Zwindle\Format\Read\BoardReader::read((string) json_encode(ChainFiles::files(12)[0]), new Zwindle\Problem\Problems);
    $layouts = Layouts::of($board, [VariedAspects::Order, VariedAspects::Feed, VariedAspects::Lamp]);

    // 12 places for two three-ways among ten four-ways: 66 orders, each with its feeds and lights; 48 of them are planned.
    expect(count($layouts))->toBeLessThanOrEqual(48)->toBeGreaterThan(15)
        ->and($layouts[0]->order)->toBe(implode(
            '+',
            array_map(fn (int $i) => "S$i na-switch-".(in_array($i, [1, 12], true) ? '3way' : '4way'), range(1, 12)),
        ));
})->group('long');

it('varies on a wall only what can be moved there: cords and tags, never a part or a cable', function () {
    $movable = array_values(array_filter(VariedAspects::cases(), Surface::Wall->allows(...)));
    $own = Planner::plan(Files::board(STATION))->plans[0]->wiring->board;
    $generator = new Variants(Files::board(STATION), $movable, Surface::Wall);
    $supply = $own->supply()->enclosure;
    $hangs = function (Board $board) use ($supply): array {
        $fixed = array_filter($board->cables, fn ($cable) => $cable->from !== $supply && $cable->to !== $supply);
        $cables = array_map(fn ($cable) => [$cable->type->id, min($cable->from, $cable->to), max($cable->from, $cable->to)], $fixed);
        sort($cables);

        return [array_map(fn ($device) => [
            $device->enclosure,
            $device->model->id,
            $device->mounting->face,
            $device->mounting->turned,
        ], $board->devices), $cables];
    };

    // With its own cables the station can be fed at any of its switches, and not at its light: no neutral comes to a switch then.
    expect($movable)->toBe([VariedAspects::Feed, VariedAspects::Labels])->and($generator->spread->allLayouts)->toBe(3);
    foreach ($generator->forSeats('wall', 8, 4) as $variant) {
        expect($hangs($variant->board))->toBe($hangs($own))->and(Planner::plan($variant->board)->plans)->not->toBe([]);
    }
});

it('says how many there are, and refuses more seats than that', function () {
    $variants = new Variants(Files::board('database/patterns/na-01-single-at-the-switch.board.json'), [VariedAspects::Faces]);

    // Three faces, each upright or upside down.
    expect($variants->spread->all())->toBe(6)->and($variants->spread->telling())->toBe(6)->and($variants->spread->joints())->toBe([10, 10]);
    expect(fn () => $variants->forSeats('s', 7))->toThrow(TooFewVariants::class);
    expect((new Variants(Files::board(STATION), []))->spread->all())->toBe(1);
    try {
        $variants->forSeats('s', 30);
    } catch (TooFewVariants $few) {
        expect([$few->there, $few->wanted])->toBe([6, 30]);
    }
});

it('counts the labels and the colors too', function () {
    $spread = fn (string $board, VariedAspects $what) => (new Variants(Files::board($board), [$what]))->spread->all();

    // Four cables can be labelled in 4! ways; British cables can have the colors before 2004; the hots of conduit go round.
    expect($spread(STATION, VariedAspects::Labels))->toBe(24)
        ->and($spread('database/patterns/gb-04-two-way-extension.board.json', VariedAspects::Colours))->toBe(2)
        ->and($spread('database/patterns/gb-06-intermediate-in-conduit.board.json', VariedAspects::Colours))->toBe(1)
        ->and($spread(STATION, VariedAspects::Colours))->toBe(1);
});

it('finds the layouts whose work is equal', function () {
    $layouts = Layouts::of(Files::board(STATION), [VariedAspects::Feed, VariedAspects::Lamp, VariedAspects::Order]);
    $equal = EqualWork::among($layouts);

    expect(count($layouts))->toBe(19)->and(count($equal))->toBeGreaterThan(8)
        ->and(max(array_map(fn ($layout) => $layout->conductors, $equal)))->toBeLessThanOrEqual(1.1 * min(array_map(
            fn ($layout) => $layout->conductors,
            $equal,
        )))
        ->and(EqualWork::among([]))->toBe([]);
});
