<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Net;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;

/** A wiring as nets with switches and lamps between them: what is solved, state by state. */
final readonly class Circuit
{
    /**
     * @param  list<string>  $switches  device ids in the board's order
     * @param  list<array{list<array{int, int}>, list<array{int, int}>}>  $contacts  per switch: pairs of nets closed up, and closed down
     * @param  list<string>  $lamps  device ids in the board's order
     * @param  list<array{int, int}>  $lampNets  per lamp: the nets of its two sides, in the catalogue's order
     */
    private function __construct(
        public Wiring $wiring,
        public Nets $nets,
        public int $lineNet,
        public int $neutralNet,
        public int $earthNet,
        public bool $hasRcd,
        public array $switches,
        public array $contacts,
        public array $lamps,
        public array $lampNets,
    ) {
    }

    public static function of(Wiring $wiring): self
    {
        $nets = Nets::of($wiring);
        $supply = $wiring->board->supply();
        $switches = $contacts = $lamps = $lampNets = [];
        foreach ($wiring->board->devicesOf(DeviceKind::Switch) as $switch) {
            $model = $wiring->modelOf($switch);
            $switches[] = $switch->id;
            $contacts[] = [self::netsOf($model->closedUp, $switch->id, $nets), self::netsOf($model->closedDown, $switch->id, $nets)];
        }
        foreach ($wiring->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = $wiring->modelOf($lamp)->lampSides();
            $lamps[] = $lamp->id;
            $lampNets[] = [$nets->at(DevicePoint::id($lamp->id, $one->name)), $nets->at(DevicePoint::id($lamp->id, $other->name))];
        }

        return new self(
            $wiring,
            $nets,
            $nets->at(DevicePoint::id($supply->id, 'line')),
            $nets->at(DevicePoint::id($supply->id, 'neutral')),
            $nets->at(DevicePoint::id($supply->id, 'earth')),
            $supply->rcdMa !== null,
            $switches,
            $contacts,
            $lamps,
            $lampNets,
        );
    }

    /**
     * The same circuit with parts that do not do what they should.
     *
     * @param  array<int, array{list<array{int, int}>, list<array{int, int}>}>  $contacts  place of the switch → its pairs closed up,
     *     and closed down
     * @param  list<int>  $blown  places of lamps that carry nothing
     */
    public function withFaults(array $contacts, array $blown): self
    {
        $lampNets = $this->lampNets;
        foreach ($blown as $lamp) {
            // Both sides on one net: such a lamp is at no voltage and draws nothing.
            $lampNets[$lamp] = [$lampNets[$lamp][0], $lampNets[$lamp][0]];
        }

        return new self(
            $this->wiring, $this->nets, $this->lineNet, $this->neutralNet, $this->earthNet, $this->hasRcd,
            $this->switches, array_values(array_replace($this->contacts, $contacts)), $this->lamps, $lampNets,
        );
    }

    /** The same circuit with a lead between two nets. */
    public function withLead(int $one, int $other): self
    {
        $onto = fn (int $net): int => $net === $other ? $one : $net;
        $contacts = [];
        foreach ($this->contacts as [$up, $down]) {
            $contacts[] = [self::renamed($up, $onto), self::renamed($down, $onto)];
        }

        return new self(
            $this->wiring, $this->nets, $onto($this->lineNet), $onto($this->neutralNet), $onto($this->earthNet), $this->hasRcd,
            $this->switches, $contacts, $this->lamps, self::renamed($this->lampNets, $onto),
        );
    }

    /**
     * @param  list<array{int, int}>  $pairs  of nets
     * @param  callable(int): int  $onto
     * @return list<array{int, int}>
     */
    private static function renamed(array $pairs, callable $onto): array
    {
        return array_map(fn (array $pair) => [$onto($pair[0]), $onto($pair[1])], $pairs);
    }

    /**
     * @param  list<array{string, string}>  $pairs  of terminals
     * @return list<array{int, int}>
     */
    private static function netsOf(array $pairs, string $device, Nets $nets): array
    {
        return array_map(fn (array $pair) => [
            $nets->at(DevicePoint::id($device, $pair[0])),
            $nets->at(DevicePoint::id($device, $pair[1])),
        ], $pairs);
    }

    /** @return list<int> nets at which some switch has a contact: the others stay as they are in every state */
    public function netsAtContacts(): array
    {
        $nets = [];
        foreach ($this->contacts as $positions) {
            foreach (array_merge(...$positions) as $pair) {
                array_push($nets, ...$pair);
            }
        }

        return array_values(array_unique($nets));
    }

    public function stateCount(): int
    {
        return 1 << count($this->switches);
    }

    /** @return array<string, 'up'|'down'> by switch */
    public function positionsIn(int $state): array
    {
        $positions = [];
        foreach ($this->switches as $place => $switch) {
            $positions[$switch] = $this->isDown($place, $state) ? 'down' : 'up';
        }

        return $positions;
    }

    /** Whether a switch is down in a state; the first switch is the slowest to change. */
    public function isDown(int $switch, int $state): bool
    {
        return ($state & $this->bitOf($switch)) !== 0;
    }

    /** The bit of a state's number that a switch flips. */
    public function bitOf(int $switch): int
    {
        return 1 << (count($this->switches) - 1 - $switch);
    }

    /**
     * The number of the state in which some switches are down and the rest are up.
     *
     * @param  list<string>  $down  ids; what is no switch is passed over
     */
    public function stateWith(array $down): int
    {
        $state = 0;
        foreach ($this->switches as $i => $switch) {
            $state |= in_array($switch, $down, true) ? $this->bitOf($i) : 0;
        }

        return $state;
    }

    /**
     * Nets that are one in a state.
     *
     * @return list<int> net → its node, named by the smallest net in it
     */
    public function nodesIn(int $state): array
    {
        $sets = DisjointSets::of($this->nets->count());
        foreach ($this->contacts as $switch => $positions) {
            foreach ($positions[$this->isDown($switch, $state) ? 1 : 0] as [$one, $other]) {
                $sets->join($one, $other);
            }
        }
        $nodes = [];
        foreach (array_keys($this->nets->points) as $net) {
            $nodes[] = $sets->find($net);
        }

        return $nodes;
    }
}
