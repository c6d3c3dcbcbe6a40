<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Exam\Grading\WhatIf;
use Zwindle\Exam\Task\Question;
use Zwindle\Exam\Task\Questions;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Format\Write\SpiceDeck;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\OddButRight;

/** A lamp is on at nine tenths of nominal voltage, dim from a tenth (contract, section 4). */
const LIT_SHARE = 0.9;
const DIM_SHARE = 0.1;

/** @return array<string, array{string, Plan}> every pattern with its preferred plan */
function plannedPatterns(): array
{
    $plans = [];
    foreach (glob(Files::path('database/patterns/*.board.json')) ?: [] as $path) {
        $name = basename($path, '.board.json');
        $plans[$name] = [$name, Planner::plan(Files::board("database/patterns/$name.board.json"))->plans[0]];
    }

    return $plans;
}

/** @return list<Question> */
function asked(Plan $plan, TaskKind $kind): array
{
    return (new Questions($plan, new Dice('outside')))->of(new TaskFile('t', $kind, TaskMode::Exam, questions: 20));
}

/** @param  array<string, string>  $positions */
function stateOf(Circuit $circuit, array $positions): int
{
    return $circuit->stateWith(array_keys($positions, 'down', true));
}

/** @return array{string, list<string>} a deck of ngspice and what to print: the volts of one lamp */
function lampJob(Wiring $wiring, string $lamp, int $state): array
{
    $circuit = Circuit::of($wiring);
    [$one, $other] = $circuit->lampNets[array_search($lamp, $circuit->lamps, true)];

    return [SpiceDeck::of($circuit, $state), ['v('.SpiceDeck::node($one).')-v('.SpiceDeck::node($other).')']];
}

function lampLetter(float $volts, Plan $plan): string
{
    $share = abs($volts) / $plan->wiring->board->practice->nominalV + 1e-4;

    return $share >= LIT_SHARE ? 'on' : ($share >= DIM_SHARE ? 'dim' : 'off');
}

it('gives every seat a board whose plan does in ngspice what it does here', function () {
    $wirings = [];
    foreach (plannedPatterns() as $name => [, $plan]) {
        $variants = new Variants($plan->wiring->board, VariedAspects::cases());
        foreach (['one', 'two', 'three'] as $seed) {
            foreach ($variants->forSeats($seed, min(4, $variants->spread->all())) as $variant) {
                $wirings["$name, $seed, seat $variant->seat"] = Planner::plan($variant->board)->plans[0]->wiring;
            }
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBeGreaterThan(200)
        ->and($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(1000);
});

it('answers what the lamp does as ngspice does, what is given among it', function () {
    $jobs = $expected = [];
    foreach (plannedPatterns() as $name => [, $plan]) {
        $circuit = $plan->result->evidence->circuit;
        foreach (asked($plan, TaskKind::Predict) as $question) {
            foreach ([[$question->positions, $question->right[0]], [[], $question->given]] as [$positions, $answer]) {
                $jobs[] = lampJob($plan->wiring, $question->at, stateOf($circuit, $positions));
                $expected[] = ["$name, $question->id, ".json_encode($positions), $answer, $plan];
            }
        }
    }
    $differences = [];
    foreach (Ngspice::figures($jobs) as $i => [$volts]) {
        [$what, $answer, $plan] = $expected[$i];
        $differences = lampLetter($volts, $plan) === $answer ? $differences : [...$differences, "$what: $volts V there, $answer here"];
    }

    expect(count($jobs))->toBeGreaterThan(100)->and($differences)->toBe([]);
});

it('puts into the path what the lamp goes dark without, in ngspice', function () {
    $jobs = $what = [];
    foreach (plannedPatterns() as $name => [, $plan]) {
        foreach (array_slice(asked($plan, TaskKind::Trace), 0, 2) as $question) {
            $state = stateOf($plan->result->evidence->circuit, $question->positions);
            foreach ($question->right as $passed) {
                if (str_contains($passed, '.')) {
                    $end = $plan->wiring->board->cables[explode('.', $passed)[0]]->cores[explode('.', $passed)[1]]->ends()[0];
                    $jobs[] = lampJob(Build::without($plan->wiring, $end), $question->at, $state);
                    $what[] = ["$name, $question->id without $passed", 'off', $plan];
                }
            }
            $jobs[] = lampJob($plan->wiring, $question->at, $state);
            $what[] = ["$name, $question->id, whole", 'on', $plan];
        }
    }
    $differences = [];
    foreach (Ngspice::figures($jobs) as $i => [$volts]) {
        [$which, $letter, $plan] = $what[$i];
        $differences = lampLetter($volts, $plan) === $letter ? $differences : [...$differences, "$which: $volts V"];
    }

    expect(count($jobs))->toBeGreaterThan(150)->and($differences)->toBe([]);
});

it('says in a debrief of what would be done what ngspice says of it', function () {
    $wirings = [];
    foreach (plannedPatterns() as $name => [, $plan]) {
        foreach (['a', 'b', 'c'] as $seed) {
            foreach (WhatIf::on($plan->wiring, new Dice($seed)) as $whatIf) {
                $wirings["$name, {$whatIf->done->id()}"] = $whatIf->done->madeOn($plan->wiring);
                expect($whatIf->then->result->evidence->wiring)->toEqual($whatIf->done->madeOn($plan->wiring));
            }
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBeGreaterThan(100)->and($comparison['differences'])->toBe([]);
});

it('calls right what looks odd, and ngspice sees the lamps do what they must', function () {
    $jobs = $what = [];
    foreach (plannedPatterns() as $name => [, $plan]) {
        foreach (OddButRight::on($plan->wiring) as $odd) {
            $circuit = Circuit::of($odd->wiring);
            foreach ($odd->wiring->board->controls as $control) {
                $flips = array_combine($control->switches, array_fill(0, count($control->switches), 'down'));
                foreach ([[], array_slice($flips, 0, 1), $flips] as $positions) {
                    $jobs[] = lampJob($odd->wiring, $control->lamps[0], stateOf($circuit, $positions));
                    $what[] = [$name, $odd->change->value, $control->lamps[0], count($positions), $plan];
                }
            }
        }
    }
    $letters = array_map(fn (array $volts, array $of) => lampLetter($volts[0], $of[4]), Ngspice::figures($jobs), $what);
    $differences = [];
    foreach (array_chunk($letters, 3) as $i => [$up, $one, $all]) {
        [$name, $change] = $what[3 * $i];
        $switches = $what[3 * $i + 2][3];
        // One flip changes the lamp; all of them change it if they are odd in number.
        $isRight = $up !== $one && ($up === $all) === ($switches % 2 === 0) && ! in_array('dim', [$up, $one, $all], true);
        $differences = $isRight ? $differences : [...$differences, "$name, $change: $up, $one, $all"];
    }

    expect(count($jobs))->toBeGreaterThan(500)->and($differences)->toBe([]);
});
