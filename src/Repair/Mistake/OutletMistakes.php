<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Core;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Repair\Move\Move;

/** Usual mistakes at what is to stay on: a receptacle reversed, its hot on the switched line, a cable that goes on forgotten. */
final readonly class OutletMistakes
{
    public function __construct(private Wiring $right, private Circuit $circuit)
    {
    }

    /** @return list<Mistake> */
    public function all(): array
    {
        $made = [];
        foreach ($this->right->board->devices as $device) {
            $model = $this->right->modelOf($device);
            foreach ($model->withDuty(TerminalDuty::Hot) as $terminal) {
                $hot = DevicePoint::id($device->id, $terminal->name);
                $neutral = DevicePoint::id($device->id, $model->withDuty(TerminalDuty::Neutral)[0]->name);
                $made = [
                    ...$made,
                    ...($device->is(DeviceKind::Receptacle) ? $this->reversed($hot, $neutral) : []),
                    ...(in_array($device->id, $this->right->board->alwaysOn, true) ? $this->switched($hot) : []),
                ];
            }
        }

        return [...$made, ...$this->forgotten()];
    }

    /** @return list<Mistake> all conductors of a cable that goes on left off */
    private function forgotten(): array
    {
        $made = [];
        foreach ($this->right->board->onwardCables() as $cable) {
            $ends = array_map(fn (Core $core) => $core->ends()[0], array_values($cable->cores));
            $joined = array_values(array_filter($ends, fn (string $end) => $this->right->jointAt($end) !== null));
            if ($joined !== []) {
                $made[] = Mistake::ofHand(MistakeKind::OnwardForgotten, $joined, array_map(
                    fn (string $end) => Move::of($end, (string) $this->neighbour($end), Move::CAP),
                    $joined,
                ));
            }
        }

        return $made;
    }

    /** @return list<Mistake> */
    private function reversed(string $hot, string $neutral): array
    {
        [$one, $other] = [$this->neighbour($hot), $this->neighbour($neutral)];
        if ($one === null || $other === null || $this->circuit->nets->at($hot) === $this->circuit->nets->at($neutral)) {
            return [];
        }

        return [Mistake::ofHand(
            MistakeKind::OutletReversed,
            [$hot, $neutral],
            [Move::of($hot, $one, $other), Move::of($neutral, $other, $one)],
        )];
    }

    /** @return list<Mistake> in a box with a joint of the switched line */
    private function switched(string $hot): array
    {
        $from = $this->neighbour($hot);
        $supply = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet];
        $switched = array_diff(array_merge(...$this->circuit->lampNets, ...[[]]), $supply);
        if ($from === null) {
            return [];
        }
        foreach ($this->right->joints as $joint) {
            $isSwitched = in_array($this->circuit->nets->at($joint->points[0]), $switched, true);
            if ($isSwitched && $joint->enclosure === $this->right->points[$hot]->enclosure) {
                return [Mistake::ofHand(MistakeKind::AlwaysOnSwitched, [$hot], [Move::of($hot, $from, $joint->points[0])])];
            }
        }

        return [];
    }

    private function neighbour(string $point): ?string
    {
        return array_values(array_diff($this->right->jointAt($point)->points ?? [], [$point]))[0] ?? null;
    }
}
