<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Catalogue\Devices\DeviceKind;

/**
 * A wiring with its supply as a netlist, for an instrument between two points. It is written from the wiring's points and shares
 * nothing with the core but the resistance of copper; figures of instruments and of cable insulation stand here once more.
 */
final readonly class SpiceRig
{
    /** Insulation of new PVC cable, ohms for a metre (common practice). */
    private const INSULATION_OHM_M = 4e9;

    /** What holds floating nodes, as the simulator asks: a gigaohm to earth, or ten teraohms where insulation is measured. */
    private const SHUNT_OHM = 1e9;

    private const WEAK_SHUNT_OHM = 1e13;

    /** What stands for nothing; where insulation is measured it is more, so that the simulator's arithmetic holds. */
    private const SHORT_OHM = 1e-6;

    private const LONG_SHORT_OHM = 1e-2;

    /** @var array<string, string> point → node */
    private array $node;

    /** @param  list<string>  $out  lamps taken out */
    public function __construct(
        private Wiring $wiring,
        private bool $tiesNeutral,
        private bool $isLive,
        private int $state,
        private array $out,
        private ?array $link,
    ) {
        $node = [];
        foreach (array_keys($wiring->points) as $i => $point) {
            $node[$point] = "p$i";
        }
        foreach ($wiring->joints as $i => $joint) {
            foreach ($joint->points as $point) {
                $node[$point] = "j$i";
            }
        }
        $this->node = $node;
    }

    /** @return array{string, list<string>} */
    public function voltmeter(string $one, string $other, float $innerOhm): array
    {
        [$a, $b] = [$this->node[$one], $this->node[$other]];

        return $this->deck(["RINST $a $b $innerOhm"], ["v($a)-v($b)"], isHot: true);
    }

    /** @return array{string, list<string>} the ohms that its source sees */
    public function ohmmeter(string $one, string $other, float $openV, float $innerOhm, bool $leaks): array
    {
        [$a, $b] = [$this->node[$one], $this->node[$other]];
        $source = ["VINST m $b DC $openV", "RINST m $a $innerOhm"];

        return $this->deck([...$source, ...($leaks ? $this->insulation() : [])], ["v($a,$b)/(-i(vinst)+1e-15)"], isHot: false, isWeak: $leaks);
    }

    /** @return array{string, list<string>} a milliampere between the points, with the source put out */
    public function loop(string $one, string $other): array
    {
        [$a, $b] = [$this->node[$one], $this->node[$other]];

        return $this->deck(["IINST $b $a DC 0.001"], ["v($a,$b)/0.001"], isHot: true, sourceV: 0.0);
    }

    /** @return array{string, list<string>} */
    public function pen(string $point): array
    {
        $coupling = [];
        foreach ($this->wiring->board->cables as $cable) {
            $cores = array_values($cable->cores);
            foreach ($cores as $i => $core) {
                foreach (array_slice($cores, $i + 1) as $k => $other) {
                    $coupling[] = "C{$cable->id}_{$i}_$k {$this->node[$core->ends()[0]]} {$this->node[$other->ends()[0]]} "
                        .(($cable->lengthM ?? 1.0) * 1e-10);
                }
            }
        }
        foreach ($this->wiring->board->cables as $cable) {
            foreach (array_values($cable->cores) as $i => $core) {
                $coupling[] = "CG{$cable->id}_$i {$this->node[$core->ends()[0]]} 0 ".(0.3e-10);
            }
        }

        return [
            str_replace("\n.op", "\n.ac lin 1 60 60", $this->deck($coupling, [], isHot: true, isWeak: true)[0]),
            ["vm({$this->node[$point]})"],
        ];
    }

    /** @return list<string> */
    private function insulation(): array
    {
        $lines = [];
        foreach ($this->wiring->board->cables as $cable) {
            $cores = array_values($cable->cores);
            foreach ($cable->lengthM === null ? [] : $cores as $i => $core) {
                foreach (array_slice($cores, $i + 1) as $k => $other) {
                    $lines[] = "RI{$cable->id}_{$i}_$k {$this->node[$core->ends()[0]]} {$this->node[$other->ends()[0]]} "
                        .(self::INSULATION_OHM_M / $cable->lengthM);
                }
            }
        }

        return $lines;
    }

    /**
     * @param  list<string>  $more
     * @param  list<string>  $prints
     * @return array{string, list<string>}
     */
    private function deck(array $more, array $prints, bool $isHot, ?float $sourceV = null, bool $isWeak = false): array
    {
        [$short, $shunt] = $isWeak ? [self::LONG_SHORT_OHM, self::WEAK_SHUNT_OHM] : [self::SHORT_OHM, self::SHUNT_OHM];
        $board = $this->wiring->board;
        $supply = $board->supply()->id;
        $volts = $board->practice->nominalV;
        // Inside the source: 0.2 ohms in America, 0.35 in Britain (common practice; TN-C-S, On-Site Guide, from memory).
        $lines = ['* rig', 'VS src 0 DC '.($sourceV ?? $volts).' AC '.($sourceV ?? $volts), "RE {$this->node["$supply.earth"]} 0 $short"];
        if ($this->isLive) {
            $lines[] = "RL src {$this->node["$supply.line"]} ".($volts === 120 ? 0.2 : 0.35);
        }
        if ($this->tiesNeutral) {
            $lines[] = "RN {$this->node["$supply.neutral"]} 0 $short";
        }
        foreach ($board->cables as $cable) {
            foreach ($cable->cores as $core) {
                if ($core->beyond !== null) {
                    continue;
                }
                [$from, $to] = array_map(fn (string $end) => $this->node[$end], $core->ends());
                $ohm = $cable->lengthM === null ? $short : $cable->lengthM * ConductorResistance::ohmPerM($cable->type, $core->colour);
                $lines[] = "R{$cable->id}_$core->name $from $to $ohm";
            }
        }
        foreach ($board->devicesOf(DeviceKind::Lamp) as $lamp) {
            if (! in_array($lamp->id, $this->out, true)) {
                [$one, $other] = $this->wiring->modelOf($lamp)->lampSides();
                // 60 W at nominal voltage; cold a fifteenth (common practice).
                $lines[] = "RLAMP_$lamp->id {$this->node["$lamp->id.$one->name"]} {$this->node["$lamp->id.$other->name"]} "
                    .($volts * $volts / 60 / ($isHot ? 1 : 15));
            }
        }
        $switches = $board->devicesOf(DeviceKind::Switch);
        foreach ($switches as $i => $switch) {
            $model = $this->wiring->modelOf($switch);
            $isDown = ($this->state >> (count($switches) - 1 - $i) & 1) === 1;
            foreach ($isDown ? $model->closedDown : $model->closedUp as $k => [$one, $other]) {
                $lines[] = "RSW_{$switch->id}_$k {$this->node["$switch->id.$one"]} {$this->node["$switch->id.$other"]} $short";
            }
        }
        if ($this->link !== null) {
            $lines[] = "RLINK {$this->node[$this->link[0]]} {$this->node[$this->link[1]]} $short";
        }
        foreach (array_values(array_unique($this->node)) as $i => $name) {
            $lines[] = "RSH$i $name 0 $shunt";
        }

        return [implode("\n", [...$lines, ...$more, '.op', '.end', '']), $prints];
    }
}
