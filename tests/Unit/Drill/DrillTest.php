<?php

declare(strict_types=1);

use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Drill\BestWay;
use Zwindle\Drill\DeviceLab;
use Zwindle\Drill\DrillGrade;
use Zwindle\Drill\DropLab;
use Zwindle\Drill\FeedLab;
use Zwindle\Drill\JacketQuestions;
use Zwindle\Drill\Lab;
use Zwindle\Exam\Vary\Dice;

/** @return list<Lab> */
function labs(int $each): array
{
    $labs = [];
    for ($i = 0; $i < $each; $i++) {
        foreach (['na', 'gb'] as $practice) {
            $labs[] = DeviceLab::of(new Dice("device $i"));
            $labs[] = FeedLab::of(new Dice("feed $i"), Practice::from($practice));
            $labs[] = DropLab::of(new Dice("drop $i"), Practice::from($practice));
        }
    }

    return $labs;
}

/** The fewest measurements at worst, by trying every order blindly to a depth. */
function blindlyFound(Lab $lab, array $left, int $depth): bool
{
    if (count(array_unique(array_map(fn ($one) => $lab->answers[$one], $left))) < 2) {
        return true;
    }
    if ($depth === 0) {
        return false;
    }
    foreach ($lab->shows as $shown) {
        $parts = [];
        foreach ($left as $one) {
            $parts[$shown[$one]][] = $one;
        }
        if (count($parts) > 1 && array_filter($parts, fn (array $part) => ! blindlyFound($lab, $part, $depth - 1)) === []) {
            return true;
        }
    }

    return false;
}

it('can always be found out, and the best way finds it', function () {
    foreach (labs(12) as $lab) {
        $path = (new BestWay($lab))->path();

        expect($lab->isFound($path))->toBeTrue()
            ->and(count($path))->toBeLessThanOrEqual((new BestWay($lab))->atWorst())
            ->and($lab->isFound(array_keys($lab->shows)))->toBeTrue();
    }
});

it('knows the shortest way as trying every order blindly does', function () {
    foreach (labs(2) as $lab) {
        $worst = (new BestWay($lab))->atWorst();
        $all = array_map(strval(...), array_keys($lab->answers));

        expect(blindlyFound($lab, $all, $worst))->toBeTrue()
            ->and($worst < 1 || ! blindlyFound($lab, $all, $worst - 1))->toBeTrue();
    }
})->group('slow');

it('shows of a four-way and of its look-alike what the trade knows of them', function () {
    // trade-facts section 7: each A terminal reads to one B terminal and never to its neighbour; a two-pole part reads open while off.
    for ($i = 0; $i < 60; $i++) {
        $lab = DeviceLab::of(new Dice("fact $i"));
        foreach (array_keys($lab->answers) as $id) {
            $closed = fn (string $position): int => count(array_filter(
                $lab->shows,
                fn (array $shown, string $measurement) => str_ends_with($measurement, $position) && $shown[$id] === 'closed',
                ARRAY_FILTER_USE_BOTH,
            ));
            if (str_starts_with($lab->answers[$id], 'four-way:')) {
                [$a] = explode('|', substr($lab->answers[$id], 9));
                expect([$closed('up'), $closed('down')])->toBe([2, 2])
                    ->and($lab->shows["$a[0]-$a[1] up"][$id])->toBe('open')->and($lab->shows["$a[0]-$a[1] down"][$id])->toBe('open');
            }
            if ($lab->answers[$id] === 'two-pole') {
                expect([$closed('up'), $closed('down')])->toEqualCanonicalizing([0, 2]);
            }
        }
    }
});

it('differs from seed to seed and stays the same for one', function () {
    $truths = array_map(fn (int $i) => json_encode([DeviceLab::of(new Dice("t $i"))->truth, DeviceLab::of(new Dice("t $i"))->scene]), range(1, 30));

    expect(count(array_unique($truths)))->toBeGreaterThan(10)
        ->and(DeviceLab::of(new Dice('t 1')))->toEqual(DeviceLab::of(new Dice('t 1')));
});

it('grades what was found, what was guessed and what took too long', function () {
    $lab = FeedLab::of(new Dice('grade'), Practice::from('na'));
    $path = (new BestWay($lab))->path();
    $right = $lab->rightAnswer();
    $more = [...$path, ...array_slice(array_values(array_diff(array_keys($lab->shows), $path)), 0, 2)];

    expect(DrillGrade::ofLab($lab, $path, $right)->points)->toBe(100)
        ->and(DrillGrade::ofLab($lab, $more, $right)->points)->toBe(80)
        ->and(DrillGrade::ofLab($lab, array_keys($lab->shows), $right)->points)->toBeGreaterThanOrEqual(50)
        ->and(DrillGrade::ofLab($lab, [], $right)->points)->toBe(25)
        ->and(DrillGrade::ofLab($lab, $path, 'none of these')->points)->toBe(0);
});

it('asks of jackets what their cores say', function (string $practice) {
    foreach (range(1, 20) as $i) {
        foreach (JacketQuestions::of(new Dice("jacket $i"), Practice::from($practice)) as $question) {
            expect($question->options)->toContain($question->right)->and(count($question->options))->toBeGreaterThan(1);
        }
    }
})->with(['na', 'gb']);
