<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zwindle\Board\Board;
use Zwindle\Board\Point;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/** Random miswirings of a board, the same ones for the same seed. */
final class RandomWiring
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** A right wiring with a few ends moved to other joints, exchanged or taken off. */
    public function spoil(Wiring $right): Wiring
    {
        $joints = array_map(fn (Joint $joint) => [$joint->enclosure, $joint->points], $right->joints);
        for ($i = $this->random->getInt(1, 4); $i > 0; $i--) {
            $from = $this->random->getInt(0, count($joints) - 1);
            $movable = array_values(array_filter($joints[$from][1], fn (string $point) => ! $right->points[$point]->isFixed()));
            if ($movable === []) {
                continue;
            }
            $point = $movable[$this->random->getInt(0, count($movable) - 1)];
            $joints[$from][1] = array_values(array_diff($joints[$from][1], [$point]));
            $near = array_values(array_filter(array_keys($joints), fn (int $j) => $joints[$j][0] === $joints[$from][0] && $j !== $from));
            if ($near !== [] && $this->random->getInt(0, 9) > 1) {
                $joints[$near[$this->random->getInt(0, count($near) - 1)]][1][] = $point;
            }
        }

        return self::wiring($right->board, $joints);
    }

    /**
     * A right wiring after so many random moves.
     *
     * @return array{Wiring, int}
     */
    public function moved(Wiring $right, int $moves): array
    {
        $wiring = $right;
        for ($i = 0; $i < $moves; $i++) {
            $points = array_values(array_filter($wiring->points, fn (Point $point) => ! $point->isFixed()));
            $point = $points[$this->random->getInt(0, count($points) - 1)];
            $near = array_values(array_filter(
                $wiring->points,
                fn (Point $other) => $other->enclosure === $point->enclosure && $other->id !== $point->id,
            ));
            $to = $this->random->getInt(0, 4) === 0 ? Move::CAP : $near[$this->random->getInt(0, count($near) - 1)]->id;
            $joint = $wiring->jointAt($point->id);
            $from = $joint === null ? Move::CAP : array_values(array_diff($joint->points, [$point->id]))[0];
            $wiring = Mover::make($wiring, [Move::of($point->id, $from, $to)]);
        }

        return [$wiring, $moves];
    }

    /**
     * A right wiring with one to three mistakes at a rose, at the supply, at a receptacle or a light, with marks or with whole cores.
     */
    public function withPolarityMixedUp(Wiring $right): Wiring
    {
        $wiring = $right;
        for ($i = $this->random->getInt(1, 3); $i > 0; $i--) {
            $wiring = match ($this->random->getInt(0, 3)) {
                0 => $this->withMarkChanged($wiring),
                1 => $this->withCoresExchanged($wiring),
                default => $this->exchangedWithin($wiring),
            };
        }

        return $wiring;
    }

    /** Two joints of a rose, the supply, a receptacle or a light exchange a conductor, a lead or a pigtail. */
    private function exchangedWithin(Wiring $wiring): Wiring
    {
        $boxes = [];
        foreach ($wiring->board->devices as $device) {
            $isOne = preg_match('/supply|rose|receptacle|lamp|luminaire|batten|pendant/', $device->model->id) === 1;
            $boxes = $isOne ? [...$boxes, $device->enclosure] : $boxes;
        }
        $box = $boxes[$this->random->getInt(0, count($boxes) - 1)];
        $joints = array_values(array_filter($wiring->joints, fn (Joint $joint) => $joint->enclosure === $box));
        if (count($joints) < 2) {
            return $wiring;
        }
        [$one, $other] = array_slice($this->random->shuffleArray($joints), 0, 2);
        $a = $one->points[$this->random->getInt(0, count($one->points) - 1)];
        $b = $other->points[$this->random->getInt(0, count($other->points) - 1)];

        return Build::renamed($wiring, [$a => $b, $b => $a]);
    }

    private function withCoresExchanged(Wiring $wiring): Wiring
    {
        $cables = array_values(array_filter($wiring->board->cables, fn ($cable) => count($cable->cores) > 2));
        if ($cables === []) {
            return $wiring;
        }
        $cores = $this->random->shuffleArray(array_values(array_filter(
            $cables[$this->random->getInt(0, count($cables) - 1)]->cores,
            fn ($core) => ! $core->colour->isEarths(),
        )));
        $renamed = [];
        foreach ($cores[0]->ends() as $i => $end) {
            $renamed += [$end => $cores[1]->ends()[$i], $cores[1]->ends()[$i] => $end];
        }

        return Build::renamed($wiring, $renamed);
    }

    private function withMarkChanged(Wiring $wiring): Wiring
    {
        $ends = array_values(array_filter($wiring->points, fn (Point $point) => $point->core !== null));
        $end = $ends[$this->random->getInt(0, count($ends) - 1)]->id;
        $as = [null, MarkedAs::Line, MarkedAs::Neutral, MarkedAs::Earth][$this->random->getInt(0, 3)];
        $marks = array_diff_key($wiring->marks, [$end => true]) + ($as === null ? [] : [$end => $as]);

        return Wiring::of($wiring->board, $wiring->joints, $wiring->caps, $marks, $wiring->fitted);
    }

    /** Every point of every box thrown into a few joints at random. */
    public function throwTogether(Board $board): Wiring
    {
        $joints = [];
        foreach ($board->enclosures as $enclosure) {
            $points = array_values(array_map(
                fn (Point $point) => $point->id,
                array_filter($board->points(), fn (Point $point) => $point->enclosure === $enclosure->id),
            ));
            $points = $this->random->shuffleArray($points);
            while ($points !== []) {
                $take = min(count($points), $this->random->getInt(1, 3));
                $joints[] = [$enclosure->id, array_splice($points, 0, $take)];
            }
        }

        return self::wiring($board, $joints);
    }

    /**
     * A right wiring on which one switch is another part of its practice: what stood on a terminal that the part lacks has been
     * landed on one that it has, joined with something else of the box, or left off; and so many random moves more.
     */
    public function withWrongPart(Wiring $right, string $switch, DeviceModel $part, int $moves): Wiring
    {
        $fitted = [$switch => $part];
        $there = $right->board->points($fitted);
        $terminals = array_values(array_filter(
            array_keys($there),
            fn (string $point) => str_starts_with($point, "$switch.") && ! str_ends_with($point, '.earth'),
        ));
        $joints = [];
        $homeless = [];
        foreach ($right->joints as $joint) {
            $left = array_values(array_filter($joint->points, fn (string $point) => isset($there[$point])));
            if (count($left) === count($joint->points)) {
                $joints[] = $joint;
            } elseif (count($left) > 1) {
                $joints[] = new Joint($joint->enclosure, $left, JoinedBy::WireNut);
            } else {
                $homeless = [...$homeless, ...$left];
            }
        }
        $wiring = Wiring::of($right->board, $joints, $right->caps, $right->marks, $fitted);
        foreach ($homeless as $end) {
            $to = $this->random->getInt(0, 3) > 0 ? $terminals[$this->random->getInt(0, count($terminals) - 1)] : $end;
            $wiring = $to === $end ? $wiring : Mover::make($wiring, [Move::of($end, Move::LOOSE, $to)]);
        }

        return $this->moved($wiring, $moves)[0];
    }

    /** @param  list<array{string, list<string>}>  $joints */
    private static function wiring(Board $board, array $joints): Wiring
    {
        $kept = array_values(array_filter($joints, fn (array $joint) => count($joint[1]) > 1));

        return Wiring::of($board, array_map(fn (array $joint) => new Joint($joint[0], $joint[1], JoinedBy::WireNut), $kept));
    }
}
