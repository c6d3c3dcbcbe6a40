<?php

declare(strict_types=1);

namespace Zwindle\Proving\Rig;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Catalogue\Devices\ReckonedLamp;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Copper;
use Zwindle\Circuit\Probe\ResistorNet;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Circuit\Solve\StateResult;
use Zwindle\Circuit\Solve\Trip;

/**
 * A wiring with its supply as instruments find it, in one position of the switches.
 *
 * Voltages are against the star point of the supply, where neutral and earth are one. What trips is what the checker says trips;
 * readings count the resistance of conductors, of the source, and of lamps, hot while the supply is on and cold while it is off.
 */
final readonly class Rig
{
    /** Nodes of the source, beside those of the board. */
    private const SOURCE = -1;

    private const STAR = -2;

    /** Beside what couples, conductors and lamps are as good as nothing. */
    private const SHORT = 1e-6;

    private Circuit $circuit;

    private Copper $copper;

    /**
     * @param  list<string>  $lampsOut  lamps that are taken out of their holders
     * @param  array{string, string}|null  $link  two points that a lead joins
     */
    public function __construct(
        private Circuit $whole,
        public Supply $supply,
        public int $state,
        private array $lampsOut = [],
        private ?array $link = null,
    ) {
        $this->circuit = $this->asItStands();
        $this->copper = Copper::of($whole, $state, $link === null ? [] : [$link]);
    }

    public function isLive(): bool
    {
        return $this->supply->feedsLine() && $this->tripsAs() === null;
    }

    /** What opens if the line is fed; null while it is not, or where nothing does. */
    public function tripsAs(): ?Trip
    {
        return $this->supply->feedsLine() ? $this->solved()->trip : null;
    }

    /** @return array<string, LampState> as eyes see them; one that is out of its holder is dark */
    public function lamps(): array
    {
        $result = $this->isLive() ? $this->solved()->lamps : array_fill(0, count($this->circuit->lamps), LampState::Off);

        return array_combine($this->circuit->lamps, $result);
    }

    /**
     * Voltage between two points with an instrument of some resistance between them.
     *
     * @return float in volts; none where nothing ties a point to the supply
     */
    public function volt(string $one, string $other, float $innerOhm): float
    {
        return $this->voltsWith([$this->node($one), $this->node($other), $innerOhm])($one, $other);
    }

    /**
     * Voltages between three points with a lamp of some resistance between each two.
     *
     * @return array{float, float, float} first and second, first and third, second and third
     */
    public function voltsBetween(string $one, string $other, string $third, float $innerOhm): array
    {
        [$a, $b, $c] = [$this->node($one), $this->node($other), $this->node($third)];
        $between = $this->voltsWith([$a, $b, $innerOhm], [$a, $c, $innerOhm], [$b, $c, $innerOhm]);

        return [$between($one, $other), $between($one, $third), $between($other, $third)];
    }

    /** Resistance that a source sees between two points of a dead board, in ohms; null where it is open. */
    public function ohm(string $one, string $other): ?float
    {
        return (new ResistorNet($this->coldWays()))->ohm($this->node($one), $this->node($other));
    }

    /** The same with what leaks through the insulation of the cables, in megohms; null where nothing does. */
    public function megohm(string $one, string $other): ?float
    {
        $ohm = (new ResistorNet([...$this->coldWays(), ...$this->throughInsulation()]))->ohm($this->node($one), $this->node($other));

        return $ohm === null ? null : $ohm / 1e6;
    }

    /** The loop that a fault from one point to the other closes, through the supply: its source counts nothing but its resistance. */
    public function loopOhm(string $one, string $other): ?float
    {
        $ways = $this->ways($this->circuit->lamps, ReckonedLamp::hotOhm($this->practice()), self::STAR);

        return (new ResistorNet($ways))->ohm($this->node($one), $this->node($other));
    }

    /** Whether current from one point to the other comes back past whatever watches the board: by earth, and not by its neutral. */
    public function leaks(string $one, string $other): bool
    {
        $supply = $this->whole->wiring->board->supply()->id;
        $net = new ResistorNet($this->copper->cores);
        $nodes = $this->copper->nodes;
        $line = $net->reach($nodes[DevicePoint::id($supply, 'line')]);
        $earth = $net->reach($nodes[DevicePoint::id($supply, 'earth')]);
        [$one, $other] = [$nodes[$one], $nodes[$other]];

        return (isset($line[$one]) && isset($earth[$other])) || (isset($line[$other]) && isset($earth[$one]));
    }

    /**
     * The voltage that couples into a pen held at a point, against earth: of a tied point its own, of a floating one what the
     * conductors beside it leave in it, by the length that they share in a cable.
     */
    public function coupledV(string $point): float
    {
        $facts = Instruments::facts()['pen'];
        $known = $this->voltages($this->hotNet());
        if (isset($known[$this->node($point)])) {
            return abs($known[$this->node($point)]);
        }
        $couplings = array_map(
            fn (array $way) => [$way[0], $way[1], self::SHORT],
            $this->ways($this->circuit->lamps, ReckonedLamp::hotOhm($this->practice())),
        );
        foreach ($this->pairs() as [$one, $other, $lengthM]) {
            $couplings[] = [$one, $other, 1 / ($lengthM ?? $facts['unknownRunM'])];
        }
        foreach ($this->whole->wiring->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $couplings[] = [$this->node($core->ends()[0]), self::STAR, 1 / $facts['strayM']];
            }
        }
        $volts = (new ResistorNet($couplings))->volts($known + [self::STAR => 0.0]);

        return abs($volts[$this->node($point)] ?? 0.0);
    }

    private function practice(): \Zwindle\Catalogue\Practices\Practice
    {
        return $this->whole->wiring->board->practice;
    }

    private function solved(): StateResult
    {
        return Solver::solve($this->circuit, $this->state);
    }

    /** The circuit without the lamps that are out, and with the lead that joins two points. */
    private function asItStands(): Circuit
    {
        $out = array_keys(array_intersect($this->whole->lamps, $this->lampsOut));
        $circuit = $this->whole->withFaults([], $out);

        return $this->link === null
            ? $circuit
            : $circuit->withLead($this->whole->nets->at($this->link[0]), $this->whole->nets->at($this->link[1]));
    }

    private function node(string $point): int
    {
        return $this->joined($this->copper->nodes[$point]);
    }

    /** What is tied to the star point of the supply is one with it. */
    private function joined(int $node): int
    {
        $supply = $this->whole->wiring->board->supply()->id;
        $tied = $this->supply->tiesNeutral() ? ['earth', 'neutral'] : ['earth'];
        foreach ($tied as $terminal) {
            if ($node === $this->copper->nodes[DevicePoint::id($supply, $terminal)]) {
                return self::STAR;
            }
        }

        return $node;
    }

    /**
     * @param  array{int, int, float}  ...$instrument
     * @return callable(string, string): float between two points, without a sign
     */
    private function voltsWith(array ...$instrument): callable
    {
        $net = $this->hotNet();
        foreach ($instrument as $way) {
            $net = $net->with($way);
        }
        $volts = $this->voltages($net);

        return fn (string $one, string $other): float => abs(($volts[$this->node($one)] ?? 0.0) - ($volts[$this->node($other)] ?? 0.0));
    }

    private function hotNet(): ResistorNet
    {
        return new ResistorNet($this->ways($this->circuit->lamps, ReckonedLamp::hotOhm($this->practice())));
    }

    /** @return array<int, float> */
    private function voltages(ResistorNet $net): array
    {
        return $net->volts([self::STAR => 0.0, self::SOURCE => $this->isLive() ? (float) $this->practice()->nominalV : 0.0]);
    }

    /** @return list<array{int, int, float}> */
    private function coldWays(): array
    {
        return $this->ways($this->circuit->lamps, ReckonedLamp::coldOhm($this->practice()));
    }

    /**
     * @param  list<string>  $lamps
     * @return list<array{int, int, float}>
     */
    private function ways(array $lamps, float $lampOhm, int $source = self::SOURCE): array
    {
        $supply = $this->whole->wiring->board->supply()->id;
        $lamps = array_values(array_diff($lamps, $this->lampsOut));
        $ways = array_map(
            fn (array $way) => [$this->joined($way[0]), $this->joined($way[1]), $way[2]],
            [...$this->copper->cores, ...$this->copper->lamps($lamps, $lampOhm)],
        );
        if ($this->isLive()) {
            $ways[] = [$this->node(DevicePoint::id($supply, 'line')), $source, $this->practice()->proving['sourceOhm']];
        }

        return $ways;
    }

    /** @return list<array{int, int, float}> between each two cores of a cable */
    private function throughInsulation(): array
    {
        $ohmM = Instruments::facts()['cable']['insulationMohmM'] * 1e6;
        $leaks = [];
        foreach ($this->pairs() as [$one, $other, $lengthM]) {
            if ($lengthM !== null && $lengthM > 0) {
                $leaks[] = [$one, $other, $ohmM / $lengthM];
            }
        }

        return $leaks;
    }

    /** @return iterable<array{int, int, float|null}> nodes of two cores that lie in one cable, and its length */
    private function pairs(): iterable
    {
        foreach ($this->whole->wiring->board->cables as $cable) {
            $cores = array_values($cable->cores);
            foreach ($cores as $i => $core) {
                foreach (array_slice($cores, $i + 1) as $other) {
                    yield [$this->node($core->ends()[0]), $this->node($other->ends()[0]), $cable->lengthM];
                }
            }
        }
    }
}
