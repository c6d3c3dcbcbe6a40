<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;

/** Changes to a right wiring that a careful instructor would still call right (common practice), one at a time. */
final readonly class OddButRight
{
    private function __construct(private Wiring $right)
    {
    }

    /** @return list<OddWiring> */
    public static function on(Wiring $right): array
    {
        $odd = new self($right);
        $made = [];
        foreach ($right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $made = [...$made, ...$odd->atSwitch($switch)];
        }
        foreach ($right->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = $right->modelOf($lamp)->lampSides();
            if ($one->duty === TerminalDuty::LampSide && $other->duty === TerminalDuty::LampSide && ! $other->isForNeutral) {
                $made[] = $odd->renamed(OddChange::LampTurned, $lamp->id, [$one->name => $other->name, $other->name => $one->name]);
            }
        }

        return [...$made, ...array_map($odd->inConnector(...), array_keys($right->joints))];
    }

    /** @return list<OddWiring> */
    private function atSwitch(Device $switch): array
    {
        $model = $this->right->modelOf($switch);
        $exchanged = function (OddChange $change, Terminal $one, Terminal $other) use ($switch): OddWiring {
            return $this->renamed($change, $switch->id, [$one->name => $other->name, $other->name => $one->name]);
        };

        return match ($model->function) {
            SwitchFunction::OnePole => [$exchanged(OddChange::TerminalsExchanged, ...$model->contacts())],
            // Used for on and off alone, the other throw turns the rocker upside down: a remark, not the same wiring.
            SwitchFunction::ThreeWay => $this->isAlone($switch->id)
                ? []
                : [$exchanged(OddChange::TravellersExchanged, ...$model->withDuty(TerminalDuty::Throw))],
            SwitchFunction::FourWay => [
                $this->renamed(OddChange::PairTurned, $switch->id, ['a1' => 'a2', 'a2' => 'a1']),
                $this->renamed(OddChange::PairsExchanged, $switch->id, ['a1' => 'b1', 'a2' => 'b2', 'b1' => 'a1', 'b2' => 'a2']),
                $this->renamed(OddChange::PairsExchangedAndTurned, $switch->id, ['a1' => 'b2', 'a2' => 'b1', 'b1' => 'a1', 'b2' => 'a2']),
            ],
            default => [],
        };
    }

    private function isAlone(string $switch): bool
    {
        return array_filter($this->right->board->controls, fn ($control) => $control->switches === [$switch]) !== [];
    }

    /** @param  array<string, string>  $names  terminal → the one that has its conductors now */
    private function renamed(OddChange $change, string $device, array $names): OddWiring
    {
        $own = [];
        foreach ($names as $from => $to) {
            $own[DevicePoint::id($device, $from)] = DevicePoint::id($device, $to);
        }
        $joints = array_map(
            fn (Joint $joint) => new Joint(
                $joint->enclosure,
                array_map(fn (string $point) => $own[$point] ?? $point, $joint->points),
                $joint->by,
                $joint->ports,
            ),
            $this->right->joints,
        );

        return new OddWiring($change, [$device], $this->with($joints));
    }

    /** The conductors of a terminal spliced, with a pigtail to it. */
    private function inConnector(int $i): OddWiring
    {
        $joints = $this->right->joints;
        $joints[$i] = new Joint($joints[$i]->enclosure, $joints[$i]->points, JoinedBy::Lever);

        return new OddWiring(OddChange::InConnector, [$joints[$i]->points[0]], $this->with(array_values($joints)));
    }

    /** @param  list<Joint>  $joints */
    private function with(array $joints): Wiring
    {
        return Wiring::of($this->right->board, $joints, $this->right->caps, $this->right->marks, $this->right->fitted);
    }
}
