<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Repair\Move\Move;

/** The usual mistakes that can be made on a right wiring, each at each of its places. */
final class Mistakes
{
    private const SWITCH_DUTIES = [TerminalDuty::Common->value, TerminalDuty::Throw->value, TerminalDuty::Pole->value];

    private readonly Circuit $circuit;

    /** @var list<int> nets between the last switch and the lamps */
    private readonly array $switched;

    private function __construct(private readonly Wiring $right)
    {
        $this->circuit = Circuit::of($right);
        $supply = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet];
        $this->switched = array_values(array_diff(array_merge(...$this->circuit->lampNets, ...[[]]), $supply));
    }

    /** @return list<Mistake> of the hand, without faults of parts */
    public static function ofHandOn(Wiring $right): array
    {
        $mistakes = new self($right);

        $made = [
            ...$mistakes->atSwitches(),
            ...$mistakes->atLamps(),
            ...$mistakes->atCores(),
            ...$mistakes->onPermanentLine(),
            ...$mistakes->atSupply(),
            ...(new TrippingMistakes($right, $mistakes->circuit))->all(),
            ...(new OutletMistakes($right, $mistakes->circuit))->all(),
            ...$mistakes->earthTails(),
            ...$mistakes->rockers(),
            ...$mistakes->unmarked(),
        ];

        return array_values(self::once($made));
    }

    /**
     * The same conductors exchanged at a lamp's screws and at the end of its cable are one mistake.
     *
     * @param  list<Mistake>  $made
     * @return array<string, Mistake>
     */
    private static function once(array $made): array
    {
        $once = [];
        foreach ($made as $mistake) {
            $moved = array_map(fn (Move $move) => $move->point ?? '', $mistake->moves);
            sort($moved);
            $once[$mistake->kind->value.' '.implode(' ', count($moved) > 1 ? $moved : $mistake->at)] ??= $mistake;
        }

        return $once;
    }

    /** @return list<Mistake> */
    public static function on(Wiring $right): array
    {
        return [...self::ofHandOn($right), ...(new TrippingMistakes($right, Circuit::of($right)))->pinched(), ...self::ofParts($right)];
    }

    /** @return list<Mistake> and what may be wrong with the supply alone: what is put in where a board on the screen is looked through */
    public static function toBeFoundOn(Wiring $right): array
    {
        $hunted = array_filter(self::on($right), fn (Mistake $mistake) => $mistake->kind->isHunted());

        return [...array_values($hunted), Mistake::breakerTripped($right->board->supply()->id)];
    }

    /** @return list<Mistake> */
    private static function ofParts(Wiring $right): array
    {
        $made = [];
        foreach ($right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $model = $right->modelOf($switch);
            foreach ([...$model->closedUp, ...$model->closedDown] as $contact) {
                $made[] = Mistake::ofPart(MistakeKind::ContactDead, PartFault::dead($switch->id, $contact));
            }
            foreach ([true, false] as $isUp) {
                $made[] = Mistake::ofPart(MistakeKind::ContactStuck, PartFault::stuck($switch->id, $isUp));
            }
        }
        foreach ($right->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            $made[] = Mistake::ofPart(MistakeKind::LampBlown, PartFault::blown($lamp->id));
            if ($right->modelOf($lamp)->hasPullChain) {
                $made[] = Mistake::ofPart(MistakeKind::PullChainOff, PartFault::blown($lamp->id));
            }
        }

        return $made;
    }

    /** @return list<Mistake> */
    private function atSwitches(): array
    {
        $made = [];
        foreach ($this->right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $model = $this->right->modelOf($switch);
            $points = array_map(fn (Terminal $terminal) => DevicePoint::id($switch->id, $terminal->name), $model->contacts());
            $isWhole = array_filter($points, fn (string $point) => $this->right->jointAt($point) === null) === [];
            if ($isWhole && $model->function === SwitchFunction::ThreeWay) {
                [$common] = array_map(
                    fn (Terminal $terminal) => DevicePoint::id($switch->id, $terminal->name),
                    $model->withDuty(TerminalDuty::Common),
                );
                foreach (array_diff($points, [$common]) as $throw) {
                    array_push($made, ...$this->exchange(MistakeKind::CommonExchanged, $common, $throw));
                }
            }
            if ($isWhole && $model->function === SwitchFunction::FourWay) {
                array_push(
                    $made,
                    ...$this->exchange(MistakeKind::PairSplit, DevicePoint::id($switch->id, 'a2'), DevicePoint::id($switch->id, 'b1')),
                );
                array_push(
                    $made,
                    ...$this->exchange(MistakeKind::PairSplit, DevicePoint::id($switch->id, 'a2'), DevicePoint::id($switch->id, 'b2')),
                );
                foreach (DeviceCatalogue::switchesOf($this->right->board->practice, SwitchFunction::TwoPole) as $lookAlike) {
                    $made[] = Mistake::ofHand(MistakeKind::LookAlikePart, [$switch->id], [Move::fit($switch->id, $lookAlike->id)]);
                }
            }
        }

        return $made;
    }

    /** @return list<Mistake> line and neutral of a cable exchanged where it leaves the supply */
    private function atSupply(): array
    {
        $made = [];
        $box = $this->right->board->supply()->enclosure;
        foreach ($this->right->board->cablesIn($box) as $cable) {
            $ends = [];
            foreach ($cable->cores as $core) {
                $end = $core->endIn($box);
                $ends[$this->right->jointAt($end) === null ? -1 : $this->circuit->nets->at($end)] ??= $end;
            }
            [$line, $neutral] = [$ends[$this->circuit->lineNet] ?? null, $ends[$this->circuit->neutralNet] ?? null];
            if ($line !== null && $neutral !== null) {
                array_push($made, ...$this->exchangedEnds(MistakeKind::LineNeutralExchanged, $line, $neutral));
            }
        }

        return $made;
    }

    /** @return list<Mistake> the tail left out between the earths of a box and a device, or the box itself */
    private function earthTails(): array
    {
        $made = [];
        foreach ($this->right->board->requirements->earths ? $this->right->points : [] as $point) {
            $joint = $point->isEarthing() ? $this->right->jointAt($point->id) : null;
            if ($joint !== null && $joint->by->isConnector() && $this->circuit->nets->at($point->id) === $this->circuit->earthNet) {
                $from = $this->neighbour($point->id);
                $made[] = Mistake::ofHand(
                    MistakeKind::EarthTailMissing,
                    [$point->id, $from],
                    [Move::of($point->id, $from, Move::CAP)],
                );
            }
        }

        return $made;
    }

    /** @return list<Mistake> where a practice says so: a two-way that is the only switch of its light, on with the rocker up */
    private function rockers(): array
    {
        $made = [];
        foreach ($this->right->board->practice->knows('rocker-inverted') ? $this->right->board->controls : [] as $control) {
            $switch = count($control->switches) === 1 ? $this->right->board->devices[$control->switches[0]] : null;
            if ($switch === null || $this->right->modelOf($switch)->function !== SwitchFunction::ThreeWay) {
                continue;
            }
            [$used, $free] = array_map(
                fn (array $contact) => DevicePoint::id($switch->id, $contact[1]),
                [$this->right->modelOf($switch)->closedDown[0], $this->right->modelOf($switch)->closedUp[0]],
            );
            $joint = $this->right->jointAt($used);
            if ($joint !== null && ! $joint->by->isConnector() && $this->right->jointAt($free) === null) {
                $made[] = Mistake::ofHand(MistakeKind::RockerInverted, [$used, $free], array_map(
                    fn (string $end) => Move::of($end, $used, $free),
                    array_values(array_diff($joint->points, [$used])),
                ));
            }
        }

        return $made;
    }

    /** @return list<Mistake> none where both are in one joint: there is nothing to exchange */
    private function exchange(MistakeKind $kind, string $one, string $other): array
    {
        [$joint, $otherJoint] = [$this->right->jointAt($one), $this->right->jointAt($other)];
        $isMixed = $joint !== null && $otherJoint !== null && $joint->by->isConnector() !== $otherJoint->by->isConnector();

        return $this->areTogether($one, $other) ? [] : [Mistake::ofHand($kind, [$one, $other], match (true) {
            ! $isMixed => [...$this->over($one, $other), ...$this->over($other, $one)],
            $joint->by->isConnector() => $this->pigtailOver($one, $other),
            default => $this->pigtailOver($other, $one),
        })];
    }

    /** @return list<Move> a pigtail brought to the other screw, and what lands there to the screw that the pigtail came to */
    private function pigtailOver(string $pigtailed, string $screw): array
    {
        [$splice] = array_values(array_diff($this->right->jointAt($pigtailed)->points ?? [], [$pigtailed]));
        [$landed] = array_values(array_diff($this->right->jointAt($screw)->points ?? [], [$screw]));

        return [Move::of($screw, $landed, $splice), Move::of($pigtailed, $splice, $landed)];
    }

    private function areTogether(string $one, string $other): bool
    {
        return $this->right->jointAt($one)?->has($other) ?? false;
    }

    /** @return list<Move> what lands on one terminal brought to where another is; of a joint with a pigtail only the pigtail */
    private function over(string $from, string $to): array
    {
        $joint = $this->right->jointAt($from);
        if ($joint === null) {
            return [];
        }
        $others = array_values(array_diff($joint->points, [$from]));
        if (! $joint->by->isConnector()) {
            return array_map(fn (string $end) => Move::of($end, $from, $to), $others);
        }
        $there = array_values(array_diff($this->right->jointAt($to)->points ?? [], [$to]));

        return [Move::of($from, $others[0], $there[0] ?? $to)];
    }

    /** @return list<Mistake> one core open, or two of a cable exchanged at one end */
    private function atCores(): array
    {
        $made = [];
        foreach ($this->right->board->cables as $cable) {
            $ends = [];
            foreach ($cable->beyond === null ? $cable->cores : [] as $core) {
                [$near, $far] = $core->ends();
                if ($this->right->jointAt($near) === null || $this->right->jointAt($far) === null) {
                    continue;
                }
                $net = $this->circuit->nets->at($far);
                $made = [...$made, ...$this->off($net, $near), ...$this->off($net, $far)];
                if ($net !== $this->circuit->earthNet && $net !== $this->circuit->neutralNet) {
                    $made[] = Mistake::ofHand(MistakeKind::CoreOpen, [$far], [Move::of($far, $this->neighbour($far), Move::CAP)]);
                }
                $ends[$net] ??= $far;
            }
            $neutral = $ends[$this->circuit->neutralNet] ?? null;
            foreach ($ends as $net => $end) {
                if ($neutral === null) {
                    break;
                }
                if ($net === $this->circuit->lineNet || in_array($net, $this->switched, true)) {
                    array_push($made, ...$this->exchangedEnds(
                        $net === $this->circuit->lineNet && $this->isBeforeSwitch($end)
                            ? MistakeKind::NeutralSwitched
                            : MistakeKind::LineNeutralExchanged,
                        $end,
                        $neutral,
                    ));
                }
            }
        }

        return $made;
    }

    /** @return list<Mistake> an end that came loose or was left off */
    private function off(int $net, string $end): array
    {
        $kind = match ($net) {
            $this->circuit->earthNet => MistakeKind::EarthOff,
            $this->circuit->neutralNet => MistakeKind::NeutralOpen,
            default => MistakeKind::LooseTerminal,
        };
        $from = $this->neighbour($end);
        $points = $this->right->jointAt($end)->points ?? [];
        // Of two ends joined with nothing else, either off is the same.
        if (count($points) === 2 && $this->right->points[$from]->core !== null && $from < $end) {
            return [];
        }

        return [Mistake::ofHand($kind, [$end, $from], [Move::of($end, $from, Move::CAP)])];
    }

    /** @return list<Mistake> none where both are in one joint */
    private function exchangedEnds(MistakeKind $kind, string $one, string $other): array
    {
        if ($this->areTogether($one, $other)) {
            return [];
        }
        [$from, $to] = [$this->neighbour($one), $this->neighbour($other)];

        return [Mistake::ofHand($kind, [$one, $other], [Move::of($one, $from, $to), Move::of($other, $to, $from)])];
    }

    /** Whether a switch hangs in the box that an end comes to. */
    private function isBeforeSwitch(string $end): bool
    {
        return array_filter(
            $this->right->board->devicesIn($this->right->points[$end]->enclosure),
            fn (Device $device) => $device->is(DeviceKind::Switch),
        ) !== [];
    }

    /** A point of the same joint, a fixed one rather than an end. */
    private function neighbour(string $point): string
    {
        $others = array_values(array_diff($this->right->jointAt($point)->points ?? [], [$point]));
        $fixed = array_values(array_filter($others, fn (string $other) => $this->right->points[$other]->isFixed()));

        return $fixed[0] ?? $others[0];
    }

    /** @return list<Mistake> */
    private function atLamps(): array
    {
        $made = [];
        foreach ($this->right->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = array_map(
                fn (Terminal $side) => DevicePoint::id($lamp->id, $side->name),
                $this->right->modelOf($lamp)->lampSides(),
            );
            [$oneJoint, $otherJoint] = [$this->right->jointAt($one), $this->right->jointAt($other)];
            if ($oneJoint === null || $otherJoint === null) {
                continue;
            }
            $isMarked = array_filter(
                $this->right->modelOf($lamp)->lampSides(),
                fn (Terminal $side) => $side->duty === TerminalDuty::LampShell || ($side->isForNeutral && ! $side->isFlex),
            ) !== [];
            // Two leads each spliced to one conductor: exchanged with those of the cable it is the same.
            $isByCable = $oneJoint->by->isConnector() && count($oneJoint->points) === 2 && count($otherJoint->points) === 2;
            if ($isMarked && ! $isByCable) {
                array_push($made, ...$this->exchange(MistakeKind::LineNeutralExchanged, $one, $other));
            }
            $isNeutral = $this->circuit->nets->at($other) === $this->circuit->neutralNet;
            [$hot, $return, $hotJoint] = $isNeutral ? [$one, $other, $oneJoint] : [$other, $one, $otherJoint];
            $made = [...$made, ...$this->onEarth($lamp, $return), ...$this->inSeries($hotJoint, $hot, $return)];
        }

        return $made;
    }

    /** @return list<Mistake> the lamp's return brought to the earths of its box */
    private function onEarth(Device $lamp, string $return): array
    {
        foreach ($this->right->joints as $joint) {
            if (
                $joint->enclosure === $lamp->enclosure
                && ! $joint->has($return)
                && $this->circuit->nets->at($joint->points[0]) === $this->circuit->earthNet
            ) {
                return [Mistake::ofHand(
                    MistakeKind::NeutralOnEarth,
                    [$return],
                    [Move::of($return, $this->neighbour($return), $joint->points[0])],
                )];
            }
        }

        return [];
    }

    /** @return list<Mistake> the line to the next lamp taken from this one's return */
    private function inSeries(Joint $hotJoint, string $hot, string $return): array
    {
        $made = [];
        foreach ($hotJoint->points as $end) {
            $core = $this->right->points[$end]->core;
            $far = array_values(array_diff($core?->ends() ?? [], [$end]))[0] ?? null;
            $lampSides = [TerminalDuty::LampSide, TerminalDuty::LampShell];
            $feedsLamp = $far !== null && array_filter(
                $this->right->jointAt($far)->points ?? [],
                fn (string $point) => $point !== $hot && in_array($this->right->points[$point]->terminal?->duty, $lampSides, true),
            ) !== [];
            if ($feedsLamp) {
                $made[] = Mistake::ofHand(MistakeKind::LampsInSeries, [$end, $return], [
                    Move::of($end, $this->neighbour($end), Move::CAP),
                    Move::of($return, $this->neighbour($return), $end),
                ]);
            }
        }

        return $made;
    }

    /** @return list<Mistake> in a box with both, the lamp's line landed with the permanent line */
    private function onPermanentLine(): array
    {
        $made = [];
        foreach ($this->right->joints as $line) {
            foreach ($this->circuit->nets->at($line->points[0]) === $this->circuit->lineNet ? $this->right->joints : [] as $joint) {
                if ($joint->enclosure === $line->enclosure && in_array(
                    $this->circuit->nets->at($joint->points[0]),
                    $this->switched,
                    true,
                )) {
                    foreach ($this->towardsLamp($joint) as $end) {
                        $made[] = Mistake::ofHand(
                            MistakeKind::OnPermanentLine,
                            [$end],
                            [Move::of($end, $this->neighbour($end), $line->points[0])],
                        );
                    }
                }
            }
        }

        return $made;
    }

    /** @return list<string> ends and leads of a joint that go on to a lamp, and not to a switch */
    private function towardsLamp(Joint $joint): array
    {
        $rest = array_values(array_filter($this->right->joints, fn (Joint $other) => $other !== $joint));
        $nets = Nets::of(Wiring::of($this->right->board, $rest, fitted: $this->right->fitted));

        return array_values(array_filter($joint->points, function (string $end) use ($nets): bool {
            $duties = array_map(fn (string $point) => $this->right->points[$point]->terminal?->duty, $nets->points[$nets->at($end)]);

            return ! $this->right->points[$end]->isFixed()
                && array_intersect(self::SWITCH_DUTIES, array_column(array_filter($duties), 'value')) === []
                && (in_array(TerminalDuty::LampSide, $duties, true) || in_array(TerminalDuty::LampShell, $duties, true));
        }));
    }

    /** @return list<Mistake> */
    private function unmarked(): array
    {
        return array_map(
            Mistake::unmarked(...),
            array_keys(array_filter($this->right->marks, fn (MarkedAs $as) => $as === MarkedAs::Line)),
        );
    }
}
