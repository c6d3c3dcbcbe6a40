<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Trace;

use SplPriorityQueue;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Net\Circuit;

/** Every way from point to point in one state: along cores, through joints, contacts and lamps. */
final readonly class PointGraph
{
    /** An open contact is crossed only where there is no other way: it weighs more than any real path has hops. */
    private const OPEN_CONTACT_WEIGHT = 1_000_000;

    private const LAMP_WEIGHT = 1_000;

    /** @var array<string, list<Hop>> point → the hops out of it */
    private array $hops;

    public function __construct(
        private Circuit $circuit,
        private int $state,
    ) {
        $hops = [];
        foreach ($this->hopsOf($circuit->wiring) as $hop) {
            $hops[$hop->from][] = $hop;
            $hops[$hop->to][] = new Hop($hop->kind, $hop->to, $hop->from);
        }
        $this->hops = $hops;
    }

    /**
     * The shortest path that crosses the fewest open contacts, then the fewest lamps.
     *
     * @param  list<HopKind>  $by  the kinds of hop it may take
     * @return list<Hop>|null null if there is none
     */
    public function path(string $from, string $to, array $by): ?array
    {
        $arrivedBy = $this->explore($from, $by, $to);
        if (! array_key_exists($to, $arrivedBy)) {
            return null;
        }
        $path = [];
        for ($hop = $arrivedBy[$to]; $hop !== null; $hop = $arrivedBy[$hop->from]) {
            array_unshift($path, $hop);
        }

        return $path;
    }

    /**
     * @param  list<HopKind>  $by
     * @return list<string> every point that can be reached
     */
    public function reach(string $from, array $by): array
    {
        return array_keys($this->explore($from, $by));
    }

    /**
     * The open contacts at the edge of what is reached: from a point in it to a point beyond it.
     *
     * @param  list<string>  $reached
     * @return list<Hop>
     */
    public function gapsAround(array $reached): array
    {
        $gaps = [];
        foreach ($reached as $point) {
            foreach ($this->hops[$point] ?? [] as $hop) {
                if ($hop->kind === HopKind::OpenContact && ! in_array($hop->to, $reached, true)) {
                    $gaps[] = $hop;
                }
            }
        }

        return $gaps;
    }

    /**
     * @param  list<HopKind>  $by
     * @return array<string, Hop|null> point → the hop by which it was reached
     */
    private function explore(string $from, array $by, ?string $until = null): array
    {
        /** @var SplPriorityQueue<int, array{string, Hop|null, int}> $queue */
        $queue = new SplPriorityQueue;
        $queue->insert([$from, null, 0], 0);
        $arrivedBy = [];
        while (! $queue->isEmpty()) {
            /** @var array{string, Hop|null, int} $nearest */
            $nearest = $queue->extract();
            [$point, $hop, $cost] = $nearest;
            if (array_key_exists($point, $arrivedBy)) {
                continue;
            }
            $arrivedBy[$point] = $hop;
            if ($point === $until) {
                break;
            }
            foreach ($this->hops[$point] ?? [] as $next) {
                if (in_array($next->kind, $by, true) && ! array_key_exists($next->to, $arrivedBy)) {
                    $weighed = $cost + self::weight($next->kind);
                    $queue->insert([$next->to, $next, $weighed], -$weighed);
                }
            }
        }

        return $arrivedBy;
    }

    private static function weight(HopKind $kind): int
    {
        return match ($kind) {
            HopKind::OpenContact => self::OPEN_CONTACT_WEIGHT,
            HopKind::Lamp => self::LAMP_WEIGHT,
            default => 1,
        };
    }

    /** @return iterable<Hop> each stretch once, in one direction */
    private function hopsOf(Wiring $wiring): iterable
    {
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->beyond === null ? $cable->cores : [] as $core) {
                yield new Hop(HopKind::Core, ...$core->ends());
            }
        }
        foreach ($wiring->joints as $joint) {
            foreach ($joint->points as $i => $one) {
                foreach (array_slice($joint->points, $i + 1) as $other) {
                    yield new Hop(HopKind::Joint, $one, $other);
                }
            }
        }
        foreach ($this->circuit->switches as $i => $id) {
            yield from $this->contactsOf($id, $this->circuit->isDown($i, $this->state));
        }
        foreach ($wiring->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = $wiring->modelOf($lamp)->lampSides();
            yield new Hop(HopKind::Lamp, DevicePoint::id($lamp->id, $one->name), DevicePoint::id($lamp->id, $other->name));
        }
    }

    /** @return iterable<Hop> */
    private function contactsOf(string $switch, bool $down): iterable
    {
        $wiring = $this->circuit->wiring;
        $model = $wiring->modelOf($wiring->board->devices[$switch]);
        $closed = $down ? $model->closedDown : $model->closedUp;
        foreach ($closed as [$one, $other]) {
            yield new Hop(HopKind::Contact, DevicePoint::id($switch, $one), DevicePoint::id($switch, $other));
        }
        foreach ($down ? $model->closedUp : $model->closedDown as $pair) {
            if (! in_array($pair, $closed, true)) {
                yield new Hop(HopKind::OpenContact, DevicePoint::id($switch, $pair[0]), DevicePoint::id($switch, $pair[1]));
            }
        }
    }
}
