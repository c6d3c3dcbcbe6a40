<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Scheme\Role;

/**
 * The strands of a board whose controls are wired as chains: line to the first common, travellers from switch to switch,
 * switched line from the last common to the lamps, neutral to everything that needs one. Or with the commons linked.
 *
 * Source: the ways of wiring are common practice of the trade.
 */
final class Strands
{
    /** @var array<string, list<string>> key → points */
    private array $points = [];

    /** @var array<string, Role> */
    private array $roles = ['line' => Role::Line, 'neutral' => Role::Neutral];

    private function __construct(private readonly Board $board)
    {
        $supply = $board->supply()->id;
        $this->points = ['line' => [DevicePoint::id($supply, 'line')], 'neutral' => [DevicePoint::id($supply, 'neutral')]];
    }

    /**
     * @param  list<Chain>  $chains  of every control
     * @param  list<string>  $neutralAt  enclosures that must have a neutral in them besides
     * @return list<Strand> the line, the neutral, then what the chains need
     */
    public static function of(Board $board, array $chains, array $neutralAt): array
    {
        $strands = new self($board);
        $strands->alwaysOn();
        foreach ($chains as $chain) {
            $chain->linkedAt !== null ? $strands->link($chain) : $strands->chain($chain);
            $strands->lamps($chain->control);
        }
        $made = [];
        $beyond = array_map(fn (Cable $cable) => (string) $cable->beyond, $board->onwardCables());
        foreach ($strands->points as $key => $points) {
            $enclosures = array_map(fn (string $point) => $board->devices[DevicePoint::deviceOf($point)]->enclosure, $points);
            $made[] = new Strand($key, $strands->roles[$key], $points, array_values(array_unique([
                ...$enclosures,
                ...($key === 'neutral' ? $neutralAt : []),
                ...(in_array($key, ['line', 'neutral'], true) ? $beyond : []),
            ])));
        }

        return $made;
    }

    private function add(string $key, Role $role, string $point): void
    {
        $this->roles[$key] = $role;
        $this->points[$key][] = $point;
    }

    private function alwaysOn(): void
    {
        foreach ($this->board->alwaysOn as $id) {
            $device = $this->board->devices[$id];
            if ($device->is(DeviceKind::Lamp)) {
                [$hot, $return] = self::sidesOf($device);
                $this->add('line', Role::Line, $hot);
                $this->add('neutral', Role::Neutral, $return);

                continue;
            }
            foreach ($device->model->withDuty(TerminalDuty::Hot) as $terminal) {
                $this->add('line', Role::Line, DevicePoint::id($id, $terminal->name));
            }
            foreach ($device->model->withDuty(TerminalDuty::Neutral) as $terminal) {
                $this->add('neutral', Role::Neutral, DevicePoint::id($id, $terminal->name));
            }
        }
    }

    private function lamps(int $control): void
    {
        foreach ($this->board->controls[$control]->lamps as $lamp) {
            [$hot, $return] = self::sidesOf($this->board->devices[$lamp]);
            $this->add("switched $control", Role::SwitchedLine, $hot);
            $this->add('neutral', Role::Neutral, $return);
        }
    }

    /** @return array{string, string} the side for the line and the side for the neutral; a shell is for the neutral */
    private static function sidesOf(Device $lamp): array
    {
        [$hot, $return] = $lamp->model->lampSides();

        return [DevicePoint::id($lamp->id, $hot->name), DevicePoint::id($lamp->id, $return->name)];
    }

    private function chain(Chain $chain): void
    {
        $last = count($chain->switches) - 1;
        foreach ($chain->switches as $i => $switch) {
            [$in, $out] = self::contactsOf($this->board->devices[$switch], $i === 0, $i === $last);
            foreach ($in as $side => $contact) {
                $i === 0
                    ? $this->add('line', Role::Line, $contact)
                    : $this->add(self::traveller($chain->control, $i, $side), Role::Traveller, $contact);
            }
            foreach ($out as $side => $contact) {
                $i === $last
                    ? $this->add("switched $chain->control", Role::SwitchedLine, $contact)
                    : $this->add(self::traveller($chain->control, $i + 1, $side), Role::Traveller, $contact);
            }
        }
    }

    private static function traveller(int $control, int $place, int $side): string
    {
        return "traveller $control $place ".['a', 'b'][$side];
    }

    /**
     * The contacts towards the line and towards the lamp.
     *
     * @return array{list<string>, list<string>}
     */
    private static function contactsOf(Device $switch, bool $isFirst, bool $isLast): array
    {
        $common = self::points($switch, $switch->model->withDuty(TerminalDuty::Common));
        $throws = self::points($switch, $switch->model->withDuty(TerminalDuty::Throw));
        $poles = self::points($switch, $switch->model->contacts());

        return match (true) {
            $switch->model->function === SwitchFunction::FourWay && ! $isFirst && ! $isLast => [[
                DevicePoint::id($switch->id, 'a1'),
                DevicePoint::id($switch->id, 'a2'),
            ], [DevicePoint::id($switch->id, 'b1'), DevicePoint::id($switch->id, 'b2')]],
            $switch->model->function === SwitchFunction::ThreeWay && $isFirst && $isLast => [$common, [self::onWhenDown($switch)]],
            $switch->model->function === SwitchFunction::ThreeWay => $isFirst ? [$common, $throws] : [$throws, $common],
            $switch->model->function === SwitchFunction::OnePole => [[$poles[0]], [$poles[1]]],
            default => [[DevicePoint::id($switch->id, 'a1')], [DevicePoint::id($switch->id, 'b1')]],
        };
    }

    /**
     * @param  list<Terminal>  $terminals
     * @return list<string>
     */
    private static function points(Device $switch, array $terminals): array
    {
        return array_map(fn (Terminal $terminal) => DevicePoint::id($switch->id, $terminal->name), $terminals);
    }

    /** A two-way plate used one-way is on with the bottom of the rocker pressed; a three-way either way. */
    private static function onWhenDown(Device $switch): string
    {
        return DevicePoint::id($switch->id, $switch->model->closedDown[0][1]);
    }

    /** The commons tied to each other, line and switched line the pair of one gap: the usual British extension, intermediates and all. */
    private function link(Chain $chain): void
    {
        $last = count($chain->switches) - 1;
        foreach ($chain->switches as $i => $id) {
            $switch = $this->board->devices[$id];
            [$towardsFirst, $towardsLast] = self::pairsOf($switch, $i === 0, $i === $last);
            foreach ($towardsFirst as $side => $contact) {
                $this->addToGap($chain, $i - 1, $side, $contact);
            }
            foreach ($towardsLast as $side => $contact) {
                $this->addToGap($chain, $i, $side, $contact);
            }
            foreach (self::points($switch, $switch->model->withDuty(TerminalDuty::Common)) as $common) {
                $this->add("link $chain->control", Role::Traveller, $common);
            }
        }
    }

    private function addToGap(Chain $chain, int $gap, int $side, string $contact): void
    {
        if ($gap !== $chain->linkedAt) {
            $this->add(self::traveller($chain->control, $gap + 1, $side), Role::Traveller, $contact);
        } elseif ($side === 0) {
            $this->add('line', Role::Line, $contact);
        } else {
            $this->add("switched $chain->control", Role::SwitchedLine, $contact);
        }
    }

    /** @return array{list<string>, list<string>} the pairs of a switch of a linked chain towards its neighbours */
    private static function pairsOf(Device $switch, bool $isFirst, bool $isLast): array
    {
        $throws = self::points($switch, $switch->model->withDuty(TerminalDuty::Throw));

        return match (true) {
            $isFirst => [[], $throws],
            $isLast => [$throws, []],
            default => [
                [DevicePoint::id($switch->id, 'a1'), DevicePoint::id($switch->id, 'a2')],
                [DevicePoint::id($switch->id, 'b1'), DevicePoint::id($switch->id, 'b2')],
            ],
        };
    }
}
