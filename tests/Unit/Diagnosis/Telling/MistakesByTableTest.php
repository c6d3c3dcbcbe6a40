<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\PathWalk;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Diagnosis\Telling\MistakesByTable;
use Zwindle\Diagnosis\Telling\TableGroup;
use Zwindle\Diagnosis\Telling\TableShape;
use Zwindle\Diagnosis\Telling\TellingTests;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\MistakenWiring;

function catalogueOf(string $slug, bool $withPairs = false): MistakesByTable
{
    return MistakesByTable::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json"), $withPairs);
}

/** @return list<string> ids of the single mistakes that flipping cannot tell from this one */
function alikeTo(MistakesByTable $catalogue, string $id): array
{
    foreach ($catalogue->groups as $group) {
        $ids = array_map(fn (MistakenWiring $wiring) => array_values($wiring->mistakes)[0]->id(), $group->singles());
        if (in_array($id, $ids, true)) {
            return $ids;
        }
    }

    return [];
}

it('cannot tell a split pair from a two-pole part by the table, and tells them by a look', function () {
    // trade-facts section 4: "the table cannot tell which".
    $catalogue = catalogueOf('packing-barn');
    $alike = alikeTo($catalogue, 'pair-split S2.a2 S2.b1');
    $group = array_values(array_filter(
        $catalogue->groups,
        fn (TableGroup $group) => str_contains(
            json_encode(array_map(fn (MistakenWiring $wiring) => array_values($wiring->mistakes)[0]->id(), $group->singles())),
            'look-alike',
        ),
    ))[0];
    $apart = TellingTests::of($group->singles());

    expect($alike)->toBe(['pair-split S2.a2 S2.b1', 'pair-split S2.a2 S2.b2', 'look-alike-part S2'])
        ->and($apart->sets)->toBe(3)->and($apart->together)->toBe([])->and(count($apart->tests))->toBe(1);
});

it('cannot tell an exchange at an end switch from an open traveler on its run, and tells which end it is', function () {
    // trade-facts section 4: "one end switch gates all the others".
    $alike = alikeTo(catalogueOf('packing-barn'), 'common-and-traveller-exchanged S3.common S3.t1');

    expect($alike)->toContain('common-and-traveller-exchanged S3.common S3.t2', 'core-open W3.red@B3', 'core-open W3.black@B3')
        ->not->toContain('common-and-traveller-exchanged S1.common S1.t1');
});

it('cannot tell on a two-switch board at which of the two the exchange is', function () {
    // trade-facts section 4: "both gate".
    $alike = alikeTo(catalogueOf('propagation-house'), 'common-and-traveller-exchanged S1.common S1.t1');

    expect($alike)->toContain('common-and-traveller-exchanged S2.common S2.t1');
});

it('shows what no flipping can: grounds off, and line and neutral reversed', function () {
    $catalogue = catalogueOf('propagation-house');
    $right = array_values(array_filter($catalogue->groups, fn (TableGroup $group) => $group->looksRight))[0];
    $kinds = array_map(fn (MistakenWiring $wiring) => array_values($wiring->mistakes)[0]->kind, $right->singles());

    expect($kinds)->toContain(
        MistakeKind::EarthOff,
        MistakeKind::LineNeutralExchanged,
        MistakeKind::NeutralSwitched,
    )->not->toContain(MistakeKind::CommonExchanged);
});

it('has the tables of the hand\'s mistakes as walking the metal path by path finds them', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $compared = 0;
    foreach (array_filter(
        MistakesByTable::of($right, withPairs: false)->mistakes,
        fn (Mistake $mistake) => $mistake->moves !== [],
    ) as $mistake) {
        $wrong = $mistake->madeOn($right);
        $table = (new Survey(Circuit::of($wrong)))->truthTable;
        foreach (PathWalk::everyState($wrong) as $state => $walked) {
            foreach ($walked['lamps'] as $lamp => $share) {
                $seen = match (true) {
                    $share >= 0.9 - 1e-9 => 'on', $share >= 0.1 - 1e-9 => 'dim', default => 'off',
                };
                expect([$mistake->id(), $state, $table->lampIn($lamp, $state)->value])->toBe([$mistake->id(), $state, $seen]);
            }
        }
        $compared++;
    }
    expect($compared)->toBeGreaterThan(3);
})->with(Files::rightWirings());

it('finds the same shape whichever contacts "up" makes', function () {
    $right = Files::wiring('database/demo/towpath-workshop/board.json', 'database/demo/towpath-workshop/right.wiring.json');
    $shape = TableShape::on($right->board);
    $circuit = Circuit::of($right);
    $table = fn (string $column) => TruthTable::of($circuit, [$column], str_repeat('-', 8));
    $reversed = function (string $column, int $mask): string {
        $turned = '';
        for ($state = 0; $state < 8; $state++) {
            $turned .= $column[$state ^ $mask];
        }

        return $turned;
    };
    foreach (['00000110', '10000100', '01101001', '00010111'] as $column) {
        for ($mask = 0; $mask < 8; $mask++) {
            expect($shape->of($table($reversed($column, $mask))))->toBe($shape->of($table($column)));
        }
    }

    expect($shape->of($table('00000110')))->not->toBe($shape->of($table('00000101')));
});

it('does not reverse a single-pole, whose positions are printed on it', function () {
    $right = Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/right.wiring.json');
    $circuit = Circuit::of($right);
    $of = fn (string $column) => TableShape::on($right->board)->of(TruthTable::of($circuit, [$column], '--'));

    expect($of('01'))->not->toBe($of('10'));
});

it('looks at every two mistakes that can stand side by side, and puts each in one group', function () {
    $catalogue = catalogueOf('propagation-house', withPairs: true);
    $pairs = 0;
    foreach ($catalogue->mistakes as $i => $one) {
        foreach (array_slice($catalogue->mistakes, $i + 1) as $other) {
            $pairs += $one->clashesWith($other) ? 0 : 1;
        }
    }
    $grouped = array_map(fn (TableGroup $group) => count($group->pairs()), $catalogue->groups);
    $singles = array_map(fn (TableGroup $group) => count($group->singles()), $catalogue->groups);

    expect($catalogue->hasPairs)->toBeTrue()->and($pairs)->toBeGreaterThan(300)
        ->and(array_sum($grouped))->toBe($pairs)->and(array_sum($singles))->toBe(count($catalogue->mistakes));
});

it('leaves the pairs out where they would be too many', function () {
    expect(MistakesByTable::of(Tests\Support\Chain::wiring(7))->hasPairs)->toBeFalse();
});

it('tells every two single mistakes apart that differ to the eye, the tester or the hand', function (string $slug) {
    foreach (catalogueOf($slug)->groups as $group) {
        $apart = TellingTests::of($group->singles());
        $ids = array_map(
            fn (array $set) => array_map(fn (MistakenWiring $wiring) => array_values($wiring->mistakes)[0]->id(), $set),
            $apart->together,
        );
        expect($ids)->toBe([]);
    }
})->with(['propagation-house', 'packing-barn', 'towpath-workshop', 'boat-store', 'three-sheds', 'tool-locker']);

it('says which mistakes a sequence of flips would have passed', function () {
    $catalogue = catalogueOf('propagation-house');
    $kinds = fn (array $flips) => array_unique(
        array_map(fn (array $one) => array_values($one['wiring']->mistakes)[0]->kind, $catalogue->passing($flips)),
        SORT_REGULAR,
    );

    expect($kinds(['S1', 'S1', 'S1', 'S1']))->toContain(MistakeKind::CommonExchanged, MistakeKind::ContactStuck)
        ->and($kinds(['S1', 'S2', 'S1']))->not->toContain(MistakeKind::CommonExchanged)->toContain(MistakeKind::EarthOff);
});
