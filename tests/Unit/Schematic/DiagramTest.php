<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Format\Write\DiagramText;
use Zwindle\Schematic\Diagram;
use Zwindle\Schematic\Symbol;
use Zwindle\Schematic\Wire;

function diagramOf(Wiring $wiring): Diagram
{
    $evidence = new Evidence($wiring);

    return new Diagram($evidence->circuit, $evidence->roles);
}

/** @return list<Wiring> a right wiring, what its corpus has, and random miswirings of it */
function wiringsToDraw(string $board, string $file): array
{
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 21);

    return [$right, ...array_map(fn () => $random->spoil($right), range(1, 6)), $random->throwTogether($right->board)];
}

/** @return list<array{int, int}> the places that a piece covers */
function placesOn(array $piece): array
{
    [$x1, $row1, $x2, $row2] = $piece;
    $places = [];
    for ($x = min($x1, $x2); $x <= max($x1, $x2); $x++) {
        for ($row = min($row1, $row2); $row <= max($row1, $row2); $row++) {
            $places[] = [$x, $row];
        }
    }

    return $places;
}

/** @return array<string, int> "x,row" of a pin → its net */
function pinsOf(Diagram $diagram): array
{
    $pins = [];
    foreach ($diagram->symbols as $symbol) {
        foreach ($symbol->leftPins() as [$net, $row]) {
            $pins[$diagram->edges[$symbol->column][0].','.$row] = $net;
        }
        foreach ($symbol->rightPins() as [$net, $row]) {
            $pins[$diagram->edges[$symbol->column][1].','.$row] = $net;
        }
    }

    return $pins;
}

it('draws every device once, with every pin that is there for current', function (string $board, string $file) {
    foreach (wiringsToDraw($board, $file) as $wiring) {
        $diagram = diagramOf($wiring);
        $drawn = array_values(array_map(
            fn (Symbol $symbol) => $symbol->id,
            array_filter($diagram->symbols, fn (Symbol $symbol) => ! $symbol->kind->isSupply()),
        ));
        $devices = array_merge(...array_map($wiring->board->devicesOf(...), [
            DeviceKind::Switch,
            DeviceKind::Lamp,
            DeviceKind::Receptacle,
        ]));
        expect($drawn)->toEqualCanonicalizing(array_map(fn ($device) => $device->id, $devices));
        foreach ($diagram->symbols as $symbol) {
            foreach ([...$symbol->left, ...$symbol->right] as $point => $net) {
                expect($diagram->circuit->nets->at($point))->toBe($net);
            }
        }
    }
})->with(Files::rightWirings());

it('joins by each wire exactly the pins of its net, in one piece', function (string $board, string $file) {
    foreach (wiringsToDraw($board, $file) as $wiring) {
        $diagram = diagramOf($wiring);
        $pins = pinsOf($diagram);
        foreach ($diagram->wires as $wire) {
            $reached = [];
            $left = array_map(fn (array $piece) => array_map(fn (array $place) => implode(',', $place), placesOn($piece)), $wire->pieces);
            $reached = array_fill_keys(array_shift($left), true);
            do {
                $before = count($left);
                foreach ($left as $i => $places) {
                    if (array_intersect_key(array_flip($places), $reached) !== []) {
                        $reached += array_fill_keys($places, true);
                        unset($left[$i]);
                    }
                }
            } while (count($left) < $before);
            $touched = array_keys(array_intersect_key($pins, $reached));
            $own = array_keys($pins, $wire->net, true);

            expect($left)->toBe([])->and($touched)->toEqualCanonicalizing($own)->and($wire->isStub)->toBe(count($own) === 1);
        }
    }
})->with(Files::rightWirings());

it('lets wires of different nets cross but never run together or meet at a corner', function (string $board, string $file) {
    foreach (wiringsToDraw($board, $file) as $wiring) {
        $diagram = diagramOf($wiring);
        $level = $upright = $ends = [];
        foreach ($diagram->wires as $wire) {
            foreach ($wire->pieces as $piece) {
                foreach (placesOn($piece) as $place) {
                    $piece[1] === $piece[3]
                        ? $level[implode(',', $place)][$wire->net] = true
                        : $upright[implode(',', $place)][$wire->net] = true;
                }
                $ends[] = [implode(',', [$piece[0], $piece[1]]), $wire->net];
                $ends[] = [implode(',', [$piece[2], $piece[3]]), $wire->net];
            }
        }
        expect(array_filter([...array_values($level), ...array_values($upright)], fn (array $nets) => count($nets) > 1))->toBe([]);
        foreach ($ends as [$place, $net]) {
            expect(array_keys(($level[$place] ?? []) + ($upright[$place] ?? [])))->toBe([$net]);
        }
        $crossings = 0;
        foreach ($upright as $place => $nets) {
            $crossings += count(array_diff_key($level[$place] ?? [], $nets));
        }
        expect($crossings)->toBe($diagram->crossings);
    }
})->with(Files::rightWirings());

it('keeps wires off the symbols', function (string $board, string $file) {
    foreach (wiringsToDraw($board, $file) as $wiring) {
        $diagram = diagramOf($wiring);
        foreach ($diagram->symbols as $symbol) {
            [$from, $to] = $diagram->edges[$symbol->column];
            foreach (array_merge(...array_map(
                fn (Wire $wire) => array_merge(...array_map(placesOn(...), $wire->pieces)),
                $diagram->wires,
            )) as [$x, $row]) {
                $isInside = $x > $from && $x < $to && $row >= $symbol->row && $row < $symbol->row + $symbol->rows();
                expect($isInside)->toBeFalse();
            }
        }
    }
})->with(Files::rightWirings());

it('crosses nothing on a right wiring', function (string $board, string $file) {
    expect(diagramOf(Files::wiring($board, $file))->crossings)->toBe(0);
})->with(Files::rightWirings());

it('is written in characters', function (string $folder, string $file, string $text) {
    expect(DiagramText::of(diagramOf(Files::wiring("$folder/board.json", "$folder/$file.wiring.json"))))->toBe($text);
})->with([
    'three-way' => ['database/demo/propagation-house', 'right', <<<'TEXT'
        L  ────┤com S1  t1├───┤t1  S2 com├───┤   (LA)   ├──── N
                        t2├───┤t2
        TEXT],
    'common and traveller exchanged' => ['database/demo/propagation-house', 'crossed', <<<'TEXT'
        L  ────┤com S1  t1├───┤t1  S2  t2├───┤   (LA)   ├──── N
                        t2├───┤com
        TEXT],
    'commons linked' => ['tests/Corpus/right/old-common-link', 'right', <<<'TEXT'
        L  ──●───┤l1  S1  l2├───┐
             │           com├─┐ │
             │                │ ●───┤   (LA)   ├──── N
             └───┤l1  S2 com├─┘ │
                          l2├───┘
        TEXT],
    'neutral switched in two of three sheds' => ['database/demo/three-sheds', 'reversed-in-the-paint-shed', <<<'TEXT'
        L  ──●───┤    S1    ├───┤  (L1P)   ├─┐
             │                               │
             ●───┤  (L2P)   ├───┤    S2    ├─●──── N
             │                               │
             └───┤  (L3P)   ├───┤    S3    ├─┘
        TEXT],
]);
