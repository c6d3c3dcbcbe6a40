<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Board;
use Zwindle\Board\Point;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;

/** The bench as it stands after some steps. The browser keeps the same rules; shared cases hold the two together. */
final readonly class Bench
{
    /**
     * @param  Wiring  $begun  as it stood: its board, its parts and what is written on tags
     * @param  list<BenchJoint>  $joints
     * @param  list<string>  $caps
     * @param  array<string, MarkedAs>  $marks
     */
    private function __construct(
        private Wiring $begun,
        private PlaceMap $places,
        public array $joints = [],
        public array $caps = [],
        public array $marks = [],
    ) {
    }

    public static function bare(Board $board): self
    {
        return self::standing(Wiring::bare($board));
    }

    /** A board that is wired already. */
    public static function standing(Wiring $wiring): self
    {
        $places = PlaceMap::of($wiring);

        return new self(
            $wiring,
            $places,
            array_map(
                fn (Joint $joint) => new BenchJoint(
                    $joint->enclosure,
                    $joint->by,
                    $joint->ports,
                    array_map($places->placeOf(...), $joint->points),
                ),
                $wiring->joints,
            ),
            array_map($places->placeOf(...), $wiring->caps),
            $wiring->marks,
        );
    }

    /** @throws StepDoesNotFit */
    public function apply(Step $step): self
    {
        $points = array_map(
            fn (string $place) => $this->places->find($place) ?? throw StepDoesNotFit::because('unknown-place'),
            $step->points,
        );
        if (count(array_unique(array_map(fn (Point $point) => $point->enclosure, $points))) > 1) {
            throw StepDoesNotFit::because('other-box');
        }

        return match ($step->kind) {
            StepKind::Land => $this->land($step, $points),
            StepKind::Gather => $this->gather($step, $points[0]->enclosure),
            StepKind::Take => $this->take($step->points),
            StepKind::Cap => $this->cap($step->points, $points),
            StepKind::Mark => $this->mark($step, $points),
            StepKind::Undo, StepKind::Redo => throw StepDoesNotFit::because('nothing-to-undo'),
        };
    }

    public function wiring(): Wiring
    {
        return Wiring::of(
            $this->begun->board,
            array_map(
                fn (BenchJoint $joint) => new Joint($joint->enclosure, $this->places->pointsAt($joint->points), $joint->by, $joint->ports),
                $this->joints,
            ),
            $this->places->pointsAt($this->caps),
            $this->marks,
            $this->begun->fitted,
            $this->begun->labels,
        );
    }

    /** @param  list<Point>  $points */
    private function land(Step $step, array $points): self
    {
        $on = (string) $step->on;
        $target = $this->places->find($on) ?? throw StepDoesNotFit::because('unknown-place');
        if ($target->enclosure !== $points[0]->enclosure) {
            throw StepDoesNotFit::because('other-box');
        }
        if (in_array($on, $step->points, true)) {
            throw StepDoesNotFit::because('onto-itself');
        }
        $joint = $this->jointAt($on);
        $coming = array_values(array_filter($step->points, fn (string $place) => ! ($joint?->has($place) ?? false)));
        $by = $joint->by ?? JoinedBy::Terminal;
        $pigtails = array_filter($coming, $this->isFixed(...));
        match (true) {
            $coming === [] => throw StepDoesNotFit::because('already-there'),
            $joint === null && ! $target->isFixed() => throw StepDoesNotFit::because('not-a-landing'),
            $by === JoinedBy::Terminal && $pigtails !== [] => throw StepDoesNotFit::because('two-terminals'),
            $joint?->ports !== null
                && count($joint->points) + count($coming) > $joint->ports => throw StepDoesNotFit::because('connector-full'),
            default => null,
        };
        $lifted = $this->lift($coming);
        $held = $joint === null
            ? new BenchJoint($target->enclosure, JoinedBy::Terminal, null, [$on, ...$coming])
            : $joint->holding([...$joint->points, ...$coming]);
        $others = array_values(array_filter($lifted->joints, fn (BenchJoint $other) => ! $other->has($on)));

        return $lifted->with(joints: [...$others, $held]);
    }

    private function gather(Step $step, string $enclosure): self
    {
        if (count($step->points) < 2) {
            throw StepDoesNotFit::because('one-alone');
        }
        if ($step->ports !== null && count($step->points) > $step->ports) {
            throw StepDoesNotFit::because('connector-full');
        }
        $lifted = $this->lift($step->points);

        return $lifted->with(joints: [
            ...$lifted->joints,
            new BenchJoint($enclosure, $step->by ?? JoinedBy::WireNut, $step->ports, $step->points),
        ]);
    }

    /** @param  list<string>  $places */
    private function take(array $places): self
    {
        foreach ($places as $place) {
            if ($this->jointAt($place) === null && ! in_array($place, $this->caps, true)) {
                throw StepDoesNotFit::because('already-loose');
            }
        }

        return $this->lift($places);
    }

    /**
     * @param  list<string>  $places
     * @param  list<Point>  $points
     */
    private function cap(array $places, array $points): self
    {
        foreach ($points as $point) {
            if ($point->isFixed()) {
                throw StepDoesNotFit::because('not-an-end');
            }
        }
        if (array_diff($places, $this->caps) === []) {
            throw StepDoesNotFit::because('already-there');
        }
        $lifted = $this->lift($places);

        return $lifted->with(caps: [...$lifted->caps, ...$places]);
    }

    /** @param  list<Point>  $points */
    private function mark(Step $step, array $points): self
    {
        $marks = $this->marks;
        foreach ($points as $point) {
            if ($point->kind !== PointKind::ConductorEnd) {
                throw StepDoesNotFit::because('not-an-end');
            }
            unset($marks[$point->id]);
            if ($step->as !== null) {
                $marks[$point->id] = $step->as;
            }
        }
        ksort($marks);
        if ($marks === $this->marks) {
            throw StepDoesNotFit::because('already-there');
        }

        return $this->with(marks: $marks);
    }

    /** @param  list<string>  $places */
    private function lift(array $places): self
    {
        $joints = [];
        foreach ($this->joints as $joint) {
            $left = array_values(array_diff($joint->points, $places));
            $keepsTerminal = $joint->by->isConnector() || array_filter($left, $this->isFixed(...)) !== [];
            if (count($left) >= 2 && $keepsTerminal) {
                $joints[] = $joint->holding($left);
            }
        }

        return $this->with(joints: $joints, caps: array_values(array_diff($this->caps, $places)));
    }

    private function jointAt(string $place): ?BenchJoint
    {
        foreach ($this->joints as $joint) {
            if ($joint->has($place)) {
                return $joint;
            }
        }

        return null;
    }

    private function isFixed(string $place): bool
    {
        return $this->places->find($place)?->isFixed() ?? false;
    }

    /**
     * @param  list<BenchJoint>|null  $joints
     * @param  list<string>|null  $caps
     * @param  array<string, MarkedAs>|null  $marks
     */
    private function with(?array $joints = null, ?array $caps = null, ?array $marks = null): self
    {
        return new self($this->begun, $this->places, $joints ?? $this->joints, $caps ?? $this->caps, $marks ?? $this->marks);
    }
}
