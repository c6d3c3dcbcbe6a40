<?php

declare(strict_types=1);

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\FaceCatalogue;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;

it('has the terminals and contacts of the contract', function (string $model, string $terminals, string $up, string $down) {
    $found = DeviceCatalogue::all()[$model];
    $pairs = fn (array $closed) => implode(' ', array_map(fn (array $pair) => implode('-', $pair), $closed));

    expect(implode(' ', array_keys($found->terminals)))->toBe($terminals)
        ->and($pairs($found->closedUp))->toBe($up)
        ->and($pairs($found->closedDown))->toBe($down);
})->with([
    // contract/formats.md section 2, row by row
    ['na-supply', 'line neutral earth', '', ''],
    ['gb-supply', 'line neutral earth', '', ''],
    ['na-switch-1p', 'a b earth', 'a-b', ''],
    ['na-switch-3way', 'common t1 t2 earth', 'common-t1', 'common-t2'],
    ['na-switch-4way', 'a1 a2 b1 b2 earth', 'a1-b1 a2-b2', 'a1-b2 a2-b1'],
    ['na-switch-2p', 'a1 a2 b1 b2 earth', 'a1-b1 a2-b2', ''],
    ['na-lampholder', 'hot neutral', '', ''],
    ['na-luminaire', 'hot neutral earth', '', ''],
    ['na-receptacle', 'hot neutral earth', '', ''],
    ['gb-switch-1way', 'com l1 earth', '', 'com-l1'],
    ['gb-switch-2way', 'com l1 l2 earth', 'com-l2', 'com-l1'],
    ['gb-switch-intermediate', 'a1 a2 b1 b2 earth', 'a1-b1 a2-b2', 'a1-b2 a2-b1'],
    ['gb-switch-2p', 'a1 a2 b1 b2 earth', '', 'a1-b1 a2-b2'],
    ['gb-rose', 'loop switched neutral earth', '', ''],
    ['gb-pendant', 'live neutral', '', ''],
    ['gb-batten-bc', 'a b earth', '', ''],
    ['gb-batten-es', 'centre shell earth', '', ''],
    ['gb-luminaire', 'live neutral earth', '', ''],
]);

it('has exactly the models and cables of the contract', function () {
    expect(DeviceCatalogue::all())->toHaveCount(18)
        ->and(implode(' ', array_keys(CableType::all())))->toBe(
            'any na-14-2 na-14-3 na-14-4 na-14-2-2 na-14-single na-12-2 na-12-3 na-12-4 na-12-2-2 na-12-single '
            .'gb-1.0-te gb-1.0-3ce gb-old-1.0-te gb-old-1.0-3ce gb-1.0-single gb-1.5-te gb-1.5-3ce gb-old-1.5-te gb-old-1.5-3ce gb-1.5-single',
        );
});

it('has the cores of the contract in the order of the sheath', function (string $type, string $cores) {
    expect(implode(' ', array_keys(CableType::all()[$type]->cores)))->toBe($cores);
})->with([
    ['na-14-2', 'black white bare'], ['na-12-3', 'black red white bare'], ['na-14-4', 'black red blue white bare'],
    ['na-12-2-2', 'black red white white2 bare'], ['gb-1.0-te', 'brown blue bare'], ['gb-1.5-3ce', 'brown black grey bare'],
    ['gb-old-1.5-te', 'red black bare'], ['gb-old-1.0-3ce', 'red yellow blue bare'],
]);

it('shows every terminal of every model once on each of its faces', function (string $id) {
    $model = DeviceCatalogue::all()[$id];
    foreach (FaceCatalogue::all($model) as $face) {
        $shown = array_map(fn ($landing) => $landing->terminal, $face->landings);
        $leads = array_map(
            fn ($landing) => $landing->terminal,
            array_filter($face->landings, fn ($landing) => $landing->shape->value === 'lead'),
        );
        $spots = array_map(fn ($landing) => "$landing->x $landing->y", $face->landings);

        expect($shown)->toEqualCanonicalizing(array_keys($model->terminals))
            ->and(array_values($leads))->toBe(array_keys(array_filter($model->terminals, fn ($terminal) => $terminal->isLead)))
            ->and(array_unique($spots))->toHaveCount(count($spots));
    }
})->with(array_keys(DeviceCatalogue::all()));

it('prints nothing on a face that tells a look-alike apart but ON and OFF', function (string $fourWay, string $lookAlike) {
    $places = fn (string $id) => array_map(
        fn ($face) => array_map(fn ($landing) => [$landing->x, $landing->y, $landing->finish, $landing->print], $face->landings),
        FaceCatalogue::all(DeviceCatalogue::all()[$id]),
    );

    expect($places($lookAlike))->toBe($places($fourWay))
        ->and(array_unique(array_map(
            fn ($face) => $face->print,
            array_values(FaceCatalogue::all(DeviceCatalogue::all()[$lookAlike])),
        )))->toBe(['ON · OFF']);
})->with([['na-switch-4way', 'na-switch-2p'], ['gb-switch-intermediate', 'gb-switch-2p']]);

// Common practice: the common is the odd screw of the three, by its finish or by its print.
it('lets eyes find the common of every three-way', function (string $id) {
    foreach (FaceCatalogue::all(DeviceCatalogue::all()[$id]) as $face) {
        $looks = [];
        foreach ($face->landings as $landing) {
            $looks[$landing->terminal] = "$landing->finish $landing->print";
        }
        $common = $looks['common'] ?? $looks['com'];
        $others = array_diff_key($looks, ['common' => 0, 'com' => 0, 'earth' => 0]);

        expect(in_array($common, $others, true))->toBeFalse();
    }
})->with(['na-switch-3way', 'gb-switch-2way']);

it('keeps the two screws of a pair alike, and the pairs apart', function (string $id) {
    foreach (FaceCatalogue::all(DeviceCatalogue::all()[$id]) as $face) {
        $looks = [];
        foreach ($face->landings as $landing) {
            $looks[$landing->terminal] = "$landing->finish $landing->print";
        }
        expect($looks['a1'])->toBe($looks['a2'])->and($looks['b1'])->toBe($looks['b2'])->and($looks['a1'])->not->toBe($looks['b1']);
    }
})->with(['na-switch-4way', 'gb-switch-intermediate']);

it('turns a face with its screws, and shows it from behind', function () {
    $face = FaceCatalogue::of(DeviceCatalogue::all()['na-switch-3way']);
    $spots = fn ($face) => array_map(fn ($landing) => [$landing->terminal, $landing->x, $landing->y], $face->landings);

    // 120 wide, 180 high: the common is at the lower right, 35 above the lower edge.
    expect($spots($face)[2])->toBe(['common', 120.0, 145.0])
        ->and($spots($face->mounted(90, false))[2])->toBe(['common', 35.0, 120.0])
        ->and([$face->mounted(90, false)->width, $face->mounted(90, false)->height])->toBe([180.0, 120.0])
        ->and($spots($face->mounted(180, false))[2])->toBe(['common', 0.0, 35.0])
        ->and($spots($face->mounted(0, true))[2])->toBe(['common', 0.0, 145.0])
        ->and($spots($face->mounted(270, false)->mounted(90, false)))->toBe($spots($face));
});

it('gives every lamp two sides and every switch its contacts', function () {
    foreach (DeviceCatalogue::all() as $model) {
        expect(count($model->lampSides()))->toBe($model->kind === DeviceKind::Lamp ? 2 : 0)
            ->and(count($model->contacts()) > 0)->toBe($model->kind === DeviceKind::Switch);
    }
});

it('flags colours by IEC 60757 in Britain', function (Colour $colour, string $code) {
    expect($colour->flag(Practice::from('gb')))->toBe($code);
})->with([
    // IEC 60757, as listed in trade-facts section 6
    [Colour::Black, 'BK'], [Colour::Brown, 'BN'], [Colour::Red, 'RD'], [Colour::Orange, 'OG'], [Colour::Yellow, 'YE'],
    [Colour::Green, 'GN'], [Colour::Blue, 'BU'], [Colour::Grey, 'GY'], [Colour::White, 'WH'], [Colour::GreenYellow, 'GNYE'],
]);
