<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

use Zwindle\Board\Control;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\FlipEffect;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;

/** One control of the board as it is wired: its switches' contacts and its lamps' sides, by net. */
final readonly class ControlView
{
    /** Whether every operation of these switches works every lamp, and nothing else does, fully, and nothing trips. */
    public bool $behaves;

    private Circuit $circuit;

    public function __construct(
        public Control $control,
        Survey $survey,
    ) {
        $this->circuit = $survey->circuit;
        $this->behaves = $this->doLampsAnswer($survey->truthTable);
    }

    private function doLampsAnswer(TruthTable $table): bool
    {
        if ($table->everTrips()) {
            return false;
        }
        foreach ($this->control->lamps as $lamp) {
            if ($table->isEverDim($lamp)) {
                return false;
            }
            foreach ($this->circuit->switches as $switch) {
                $asked = in_array($switch, $this->control->switches, true) ? FlipEffect::Always : FlipEffect::Never;
                if ($table->effect($switch, $lamp) !== $asked) {
                    return false;
                }
            }
        }

        return true;
    }

    public function model(string $switch): DeviceModel
    {
        $wiring = $this->circuit->wiring;

        return $wiring->modelOf($wiring->board->devices[$switch]);
    }

    /** @return list<string> */
    public function switchesOf(SwitchFunction $function): array
    {
        return array_values(array_filter($this->control->switches, fn (string $switch) => $this->model($switch)->function === $function));
    }

    /** @return array<string, int> point of each contact of a switch → its net */
    public function contacts(string $switch, TerminalDuty ...$duties): array
    {
        $terminals = $duties === [] ? $this->model($switch)->contacts() : $this->model($switch)->withDuty(...$duties);
        $nets = [];
        foreach ($terminals as $terminal) {
            $nets[DevicePoint::id($switch, $terminal->name)] = $this->circuit->nets->at(DevicePoint::id($switch, $terminal->name));
        }

        return $nets;
    }

    /** @return list<string> the switches of this control with a contact on a net */
    public function switchesOn(int $net): array
    {
        return array_values(array_filter($this->control->switches, fn (string $switch) => in_array($net, $this->contacts($switch), true)));
    }

    /** @return list<string> points of a lamp's two sides */
    public function sides(string $lamp): array
    {
        $wiring = $this->circuit->wiring;

        return array_map(
            fn (Terminal $side) => DevicePoint::id($lamp, $side->name),
            $wiring->modelOf($wiring->board->devices[$lamp])->lampSides(),
        );
    }

    /** @return list<int> nets that feed the lamps of this control: their sides that are on neither line, neutral nor earth */
    public function switchedNets(): array
    {
        $supply = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet];
        $nets = [];
        foreach ($this->control->lamps as $lamp) {
            foreach ($this->sides($lamp) as $side) {
                $net = $this->circuit->nets->at($side);
                if (! in_array($net, $supply, true) && $this->switchesOn($net) !== []) {
                    $nets[] = $net;
                }
            }
        }

        return array_values(array_unique($nets));
    }

    /** Whether a net ties this switch to another switch of the control and is neither line nor switched line nor at the supply. */
    public function isTraveller(int $net, string $switch): bool
    {
        $others = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet, ...$this->switchedNets()];

        return ! in_array($net, $others, true) && array_diff($this->switchesOn($net), [$switch]) !== [];
    }

    /** Whether one throw of a three-way is on the line and the other on the switched line, as in a common-link. */
    public function hasLinkThrows(string $switch): bool
    {
        $throws = array_values($this->contacts($switch, TerminalDuty::Throw));
        $switched = $this->switchedNets();

        return count($throws) === 2
            && (($throws[0] === $this->circuit->lineNet && in_array($throws[1], $switched, true))
                || ($throws[1] === $this->circuit->lineNet && in_array($throws[0], $switched, true)));
    }

    /** Whether the commons of both ends are tied to each other and both can choose the line, or both the switched line. */
    public function hasLinkedCommons(): bool
    {
        $ends = $this->switchesOf(SwitchFunction::ThreeWay);
        $commons = array_map(fn (string $switch) => array_values($this->contacts($switch, TerminalDuty::Common)), $ends);
        if (count($ends) !== 2 || $commons[0] !== $commons[1]) {
            return false;
        }
        $shared = array_intersect($this->contacts($ends[0], TerminalDuty::Throw), $this->contacts($ends[1], TerminalDuty::Throw));

        return array_intersect($shared, [$this->circuit->lineNet, ...$this->switchedNets()]) !== [];
    }

    public function lineNet(): int
    {
        return $this->circuit->lineNet;
    }
}
