<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Devices\LightingLoad;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\NoFigures;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** @param  array<string, float>  $lengthsM  run → length */
function figuresOf(string $folder, string $wiring, array $lengthsM): BritishFigures
{
    $board = json_decode(Files::text("$folder/board.json"), true);
    foreach ($board['cables'] as $i => $cable) {
        unset($board['cables'][$i]['lengthM']);
        if (isset($lengthsM[$cable['id']])) {
            $board['cables'][$i]['lengthM'] = $lengthsM[$cable['id']];
        }
    }
    $problems = new Problems;
    $read = BoardReader::read((string) json_encode($board), $problems)
        ?? throw new RuntimeException((string) json_encode($problems->all()));
    $wiring = WiringReader::read(Files::text("$folder/$wiring.wiring.json"), $read, $problems)
        ?? throw new RuntimeException((string) json_encode($problems->all()));

    return new BritishFigures(new Survey(Circuit::of($wiring)));
}

it('agrees with the published figures per metre', function (string $size, float $milliohmPerM, float $millivoltPerAPerM) {
    // BS EN 60228 at 20 °C; BS 7671 Table 4D5 for two cores together (memory).
    expect(ConductorResistance::ofSize($size) * 1000)->toEqualWithDelta($milliohmPerM, 1e-9)
        ->and(VoltDrop::voltPerAPerMOfOneCore($size) * 2000)->toEqualWithDelta($millivoltPerAPerM, 1e-9);
})->with([['1.0', 18.1, 44], ['1.5', 12.1, 29], ['2.5', 7.41, 18]]);

it('agrees with the diameter formula for American sizes', function (string $awg, float $hotOhmPer1000Ft) {
    // d = 0.127 mm × 92^((36 − n)/39); copper 1.7241 × 10⁻⁸ Ωm at 20 °C (IACS); 0.00393 per kelvin.
    $area = M_PI / 4 * (0.127e-3 * 92 ** ((36 - (int) $awg) / 39)) ** 2;
    $coldPerM = 1.7241e-8 / $area;

    expect(ConductorResistance::ofSize($awg) / $coldPerM)->toEqualWithDelta(1.0, 0.01)
        ->and($coldPerM * 304.8 * (1 + 0.00393 * 55) / $hotOhmPer1000Ft)->toEqualWithDelta(1.0, 0.01);
})->with([['14', 3.07], ['12', 1.93], ['10', 1.21]]);

it('reads a run end to end', function () {
    [$feed, $drop] = figuresOf('database/demo/boat-store', 'right', ['W1' => 10, 'W2' => 5])->runs();

    // 1.5/1.0 mm²: 12.1 and 18.1 mΩ/m, together 30.2; 1.0/1.0: 36.2 (BS EN 60228, memory).
    expect($feed->coreOhm['brown'])->toEqualWithDelta(0.121, 1e-9)
        ->and($feed->coreOhm['bare'])->toEqualWithDelta(0.181, 1e-9)
        ->and($feed->r1r2Ohm)->toEqualWithDelta(0.302, 1e-9)
        ->and($drop->r1r2Ohm)->toEqualWithDelta(0.181, 1e-9);
});

it('works out drop and loop at a lamp that is looped in', function () {
    [$lamp] = figuresOf('database/demo/boat-store', 'right', ['W1' => 20, 'W2' => 5])->lamps();

    // 100 W at 230 V = 0.43478 A. Out and back along W1 29 mV/A/m × 20 m, down and up W2 44 mV/A/m × 5 m.
    expect($lamp->dropV)->toEqualWithDelta(0.43478 * (0.029 * 20 + 0.044 * 5), 1e-4)
        // R1: W1 brown, W2 down and up; R2: W1 bare, 1.0 mm².
        ->and($lamp->r1r2Ohm)->toEqualWithDelta(0.0121 * 20 + 2 * 0.0181 * 5 + 0.0181 * 20, 1e-9);
});

it('counts every lamp that is fed through a run', function () {
    $lengths = ['F1' => 10.0, 'F2' => 10.0, 'F3' => 10.0, 'D1' => 2.0, 'D2' => 2.0, 'D3' => 2.0];
    $lamps = figuresOf('tests/Corpus/right/sheds-rose-to-rose', 'right', $lengths)->lamps();
    $ampere = 100 / 230;

    // Three, two and one lamp through F1, F2 and F3; each drop carries one.
    expect($lamps[0]->dropV)->toEqualWithDelta($ampere * 0.029 * (3 * 10 + 2), 1e-9)
        ->and($lamps[2]->dropV)->toEqualWithDelta($ampere * 0.029 * (3 * 10 + 2 * 10 + 10 + 2), 1e-9);
});

it('says nothing where a run has no length or the lamp no way', function () {
    $without = figuresOf('database/demo/boat-store', 'right', ['W1' => 20]);
    $open = figuresOf('database/demo/boat-store', 'drop-in-neutral-block', ['W1' => 20, 'W2' => 5]);

    expect($without->lamps()[0]->dropV)->toBeNull()
        ->and($without->runsWithoutLength())->toBe(['W2'])
        ->and($without->runs()[1]->r1r2Ohm)->toBeNull()
        ->and($open->lamps()[0]->state)->toBeNull();
});

it('knows load and limits', function () {
    // On-Site Guide Table A1; 3 % of 230 V; BS 7671 Table 41.3 (memory).
    expect(LightingLoad::mostLampholders(6, Practice::from('gb')))->toBe(13)
        ->and(LightingLoad::ampere(13, Practice::from('gb')))->toBeLessThan(6.0)
        ->and(LightingLoad::ampere(14, Practice::from('gb')))->toBeGreaterThan(6.0)
        ->and(VoltDrop::limitV(Practice::from('gb')))->toEqualWithDelta(6.9, 1e-9)
        ->and(LightingLoad::mostZsOhm(6))->toBe(7.28)
        // BS 7671 Table 41.3, type B, and 0.8 of it when measured cold (trade-facts section 6, memory).
        ->and(array_map(LightingLoad::mostZsOhm(...), [10, 16, 20]))->toBe([4.37, 2.73, null])
        ->and(array_map(fn (float $breakerA) => LightingLoad::mostColdZsOhm($breakerA, Practice::from('gb')), [6, 10, 16, 20]))->toBe([5.82, 3.50, 2.19, null]);
});

it('is British', function () {
    new BritishFigures(new Survey(Circuit::of(Files::wiring(
        'database/demo/propagation-house/board.json',
        'database/demo/propagation-house/right.wiring.json',
    ))));
})->throws(NoFigures::class);
