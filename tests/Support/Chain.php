<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** Right wirings of any size: a straight chain of switches fed at the first, and sheds looped off the supply beside it. */
final class Chain
{
    /** @return array{array<string, mixed>, array<string, mixed>} board and wiring as their files have them */
    public static function files(int $switches, int $sheds = 0): array
    {
        $enclosures = [['id' => 'SRC', 'kind' => 'supply']];
        $devices = [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply']];
        $cables = [['id' => 'W0', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1']];
        $joints = [];
        $atSupply = ['line' => ['W0.black@SRC'], 'neutral' => ['W0.white@SRC'], 'earth' => ['W0.bare@SRC']];
        for ($i = 1; $i <= $switches; $i++) {
            $isLast = $i === $switches;
            $in = 'W'.($i - 1);
            $out = "W$i";
            $enclosures[] = ['id' => "B$i", 'kind' => 'switch-box', 'material' => 'metal'];
            $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => $i === 1 || $isLast ? 'na-switch-3way' : 'na-switch-4way'];
            $cables[] = ['id' => $out, 'type' => $isLast ? 'na-14-2' : 'na-14-3', 'from' => "B$i", 'to' => $isLast ? 'L1' : 'B'.($i + 1)];
            $joints[] = ["B$i", ["$in.bare@B$i", "$out.bare@B$i", "S$i.earth", "B$i.earth"]];
            $joints[] = ["B$i", ["$in.white@B$i", "$out.white@B$i"]];
            $landings = match (true) {
                $i === 1 => ['common' => "$in.black", 't1' => "$out.black", 't2' => "$out.red"],
                $isLast => ['t1' => "$in.black", 't2' => "$in.red", 'common' => "$out.black"],
                default => ['a1' => "$in.black", 'a2' => "$in.red", 'b1' => "$out.black", 'b2' => "$out.red"],
            };
            foreach ($landings as $terminal => $core) {
                $joints[] = ["B$i", ["S$i.$terminal", "$core@B$i"]];
            }
        }
        $last = "W$switches";
        $enclosures[] = ['id' => 'L1', 'kind' => 'light-box', 'material' => 'metal'];
        $devices[] = ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'];
        array_push(
            $joints,
            ['L1', ['L1.earth', "$last.bare@L1"]],
            ['L1', ['LA.hot', "$last.black@L1"]],
            ['L1', ['LA.neutral', "$last.white@L1"]],
        );
        for ($i = 1; $i <= $sheds; $i++) {
            $enclosures[] = ['id' => "H$i", 'kind' => 'light-box', 'material' => 'plastic'];
            $devices[] = ['id' => "A$i", 'in' => "H$i", 'model' => 'na-lampholder'];
            $cables[] = ['id' => "Y$i", 'type' => 'na-14-2', 'from' => 'SRC', 'to' => "H$i"];
            array_push($joints, ["H$i", ["A$i.hot", "Y$i.black@H$i"]], ["H$i", ["A$i.neutral", "Y$i.white@H$i"]]);
            $atSupply['line'][] = "Y$i.black@SRC";
            $atSupply['neutral'][] = "Y$i.white@SRC";
            $atSupply['earth'][] = "Y$i.bare@SRC";
        }
        foreach ($atSupply as $terminal => $ends) {
            $joints[] = ['SRC', ["PS.$terminal", ...$ends]];
        }

        return [[
            'format' => 'zwindle-board', 'version' => 1, 'title' => "$switches switches", 'practice' => 'na', 'code' => 'NEC-2023',
            'enclosures' => $enclosures, 'devices' => $devices, 'cables' => $cables,
            'controls' => [['lamps' => ['LA'], 'switches' => array_map(fn (int $i) => "S$i", range(1, $switches))]],
            'alwaysOn' => array_map(fn (int $i) => "A$i", $sheds === 0 ? [] : range(1, $sheds)),
        ], [
            'format' => 'zwindle-wiring', 'version' => 1,
            'joints' => array_map(fn (array $joint) => ['in' => $joint[0], 'points' => $joint[1], 'by' => 'wire-nut'], $joints),
            'caps' => array_map(fn (int $i) => "Y$i.bare@H$i", $sheds === 0 ? [] : range(1, $sheds)),
        ]];
    }

    public static function wiring(int $switches, int $sheds = 0): Wiring
    {
        [$board, $wiring] = self::files($switches, $sheds);
        $problems = new Problems;
        $read = BoardReader::read((string) json_encode($board), $problems);

        return ($read === null ? null : WiringReader::read((string) json_encode($wiring), $read, $problems))
            ?? throw new RuntimeException((string) json_encode($problems->all()));
    }
}
