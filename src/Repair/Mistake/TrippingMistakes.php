<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Usual mistakes that trip the breaker, always or when something is on.
 *
 * Such a fault is found dead, by halving the circuit; nobody resets a breaker again and again to find it. Source: common practice.
 */
final readonly class TrippingMistakes
{
    /** @var list<int> nets from the line on to the lamps, the permanent line first */
    private array $hot;

    public function __construct(private Wiring $right, private Circuit $circuit)
    {
        $return = [$circuit->neutralNet, $circuit->earthNet];
        $this->hot = array_values(array_unique(array_diff([$circuit->lineNet, ...array_merge(...$circuit->lampNets, ...[[]])], $return)));
    }

    /** @return list<Mistake> that the eye sees */
    public function all(): array
    {
        $made = [];
        foreach ($this->right->board->enclosures as $box) {
            $made = [...$made, ...$this->withNeutrals($box), ...$this->onMetal($box)];
        }
        foreach ($this->right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $made = [...$made, ...$this->groundOn($switch)];
        }

        return $made;
    }

    /** @return list<Mistake> in each box with a line conductor: caught with the neutral, or with the earth where there is none */
    public function pinched(): array
    {
        $made = [];
        foreach ($this->right->board->enclosures as $box) {
            $line = $this->hotJoint($box);
            $other = $this->jointOn($box, $this->circuit->neutralNet) ?? $this->jointOn($box, $this->circuit->earthNet);
            $caught = $line === null ? null : $this->endIn($line);
            $with = $other === null ? null : $this->endIn($other);
            if ($line !== null && $caught !== null && $with !== null && ! $this->isSupply($box)) {
                $over = array_map(fn (string $point) => Move::of($point, $this->neighbour($point), $with), $line->points);
                $made[] = Mistake::ofHand(MistakeKind::Pinched, [$caught, $with], $over);
            }
        }

        return $made;
    }

    /** @return list<Mistake> the return from the switch among the neutrals, in the box of a light or a rose */
    private function withNeutrals(Enclosure $box): array
    {
        $isLight = array_filter(
            $this->right->board->devicesIn($box->id),
            fn (Device $device) => $device->is(DeviceKind::Lamp) || $device->is(DeviceKind::Rose),
        ) !== [];
        $neutrals = $this->jointOn($box, $this->circuit->neutralNet);
        $made = [];
        foreach ($isLight && $neutrals !== null ? array_slice($this->hot, 1) : [] as $net) {
            $joint = $this->jointOn($box, $net);
            $to = $neutrals->points[0] ?? '';
            foreach ($joint->points ?? [] as $end) {
                if ($joint !== null && $this->right->points[$end]->core !== null && $this->comesFromSwitch($joint, $end)) {
                    $made[] = Mistake::ofHand(
                        MistakeKind::SwitchedWithNeutrals,
                        [$end, $to],
                        [Move::of($end, $this->neighbour($end), $to)],
                    );
                }
            }
        }

        return $made;
    }

    private function comesFromSwitch(Joint $joint, string $end): bool
    {
        $rest = array_values(array_filter($this->right->joints, fn (Joint $other) => $other !== $joint));
        $nets = Nets::of(Wiring::of($this->right->board, $rest, fitted: $this->right->fitted));
        foreach ($nets->points[$nets->at($end)] as $point) {
            $device = $this->right->board->devices[(string) $this->right->points[$point]->device] ?? null;
            if ($device?->is(DeviceKind::Switch) === true) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Mistake> a line conductor under the grounding screw of a metal box */
    private function onMetal(Enclosure $box): array
    {
        $earth = DevicePoint::id($box->id, 'earth');
        $joint = $this->right->board->requirements->earths && $box->isMetal ? $this->hotJoint($box) : null;
        $end = $joint === null ? null : $this->endIn($joint);
        if ($end === null || ! isset($this->right->points[$earth]) || $this->circuit->nets->at($earth) !== $this->circuit->earthNet) {
            return [];
        }

        return [Mistake::ofHand(MistakeKind::LineOnMetal, [$end, $earth], [Move::of($end, $this->neighbour($end), $earth)])];
    }

    /** @return list<Mistake> the bare conductor that comes from the supply, on a screw that is live */
    private function groundOn(Device $switch): array
    {
        $box = $this->right->board->enclosures[$switch->enclosure];
        $earths = $this->jointOn($box, $this->circuit->earthNet);
        $screws = array_filter(
            array_map(fn ($contact) => DevicePoint::id($switch->id, $contact->name), $this->right->modelOf($switch)->contacts()),
            fn (string $screw) => in_array($this->circuit->nets->at($screw), $this->hot, true)
                && $this->right->jointAt($screw)?->by->isConnector() === false,
        );
        foreach ($earths === null || $screws === [] ? [] : $earths->points as $end) {
            if ($this->right->points[$end]->core === null) {
                continue;
            }
            $screw = array_values($screws)[0];
            $move = Move::of($end, $this->neighbour($end), $screw);
            $made = Circuit::of(Mover::make($this->right, [$move]));
            if ($made->nets->at($end) === $made->earthNet) {
                return [Mistake::ofHand(MistakeKind::GroundOnLiveScrew, [$end, $screw], [$move])];
            }
        }

        return [];
    }

    /** The joint of a box with the permanent line, else with the switched line. */
    private function hotJoint(Enclosure $box): ?Joint
    {
        foreach ($this->hot as $net) {
            $joint = $this->jointOn($box, $net);
            if ($joint !== null) {
                return $joint;
            }
        }

        return null;
    }

    private function jointOn(Enclosure $box, int $net): ?Joint
    {
        foreach ($this->right->joints as $joint) {
            if ($joint->enclosure === $box->id && $this->circuit->nets->at($joint->points[0]) === $net && $this->endIn($joint) !== null) {
                return $joint;
            }
        }

        return null;
    }

    /** A conductor of a joint. */
    private function endIn(Joint $joint): ?string
    {
        foreach ($joint->points as $point) {
            if ($this->right->points[$point]->core !== null) {
                return $point;
            }
        }

        return null;
    }

    private function neighbour(string $point): string
    {
        return array_values(array_diff($this->right->jointAt($point)->points ?? [], [$point]))[0] ?? Move::CAP;
    }

    private function isSupply(Enclosure $box): bool
    {
        return $this->right->board->supply()->enclosure === $box->id;
    }
}
