<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Board\Point;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/** What makes a well-formed wiring file a wiring of this board. */
final class WiringSense
{
    /** @var array<string, true> points that stand in a joint */
    private array $joined = [];

    /** @var array<string, true> */
    private array $capped = [];

    /** @param  array<string, Point>  $points */
    public function __construct(
        private readonly Board $board,
        private readonly array $points,
        private readonly Problems $problems,
    ) {
    }

    public function joint(Joint $joint, string $pointer): void
    {
        if (! isset($this->board->enclosures[$joint->enclosure])) {
            $this->problems->add("$pointer/in", ProblemCode::UnknownEnclosure, ['id' => $joint->enclosure]);
        }
        $fixed = 0;
        foreach ($joint->points as $j => $id) {
            $point = $this->exists($id, "$pointer/points/$j");
            if (isset($this->joined[$id])) {
                $this->problems->add("$pointer/points/$j", ProblemCode::TwiceUsedPoint, ['point' => $id]);
            }
            $this->joined[$id] = true;
            if ($point !== null && $point->enclosure !== $joint->enclosure) {
                $this->problems->add("$pointer/points/$j", ProblemCode::OtherEnclosure, ['point' => $id, 'id' => $joint->enclosure]);
            }
            $fixed += $point?->isFixed() ? 1 : 0;
        }
        if (! $joint->by->isConnector() && $fixed !== 1) {
            $this->problems->add($pointer, ProblemCode::NotOneTerminal, ['count' => $fixed]);
        }
        if (! $joint->by->isConnector() && $joint->ports !== null) {
            $this->problems->add("$pointer/ports", ProblemCode::PortsOnTerminal);
        }
    }

    public function cap(string $id, string $pointer): bool
    {
        if (isset($this->joined[$id])) {
            $this->problems->add($pointer, ProblemCode::JoinedAndCapped, ['point' => $id]);
        }
        if (isset($this->capped[$id])) {
            $this->problems->add($pointer, ProblemCode::TwiceUsedPoint, ['point' => $id]);
        }
        $this->capped[$id] = true;

        return $this->isOneOf($id, $pointer, PointKind::ConductorEnd, PointKind::Lead);
    }

    public function isOneOf(string $id, string $pointer, PointKind ...$kinds): bool
    {
        $point = $this->exists($id, $pointer);
        if ($point !== null && ! in_array($point->kind, $kinds, true)) {
            $this->problems->add($pointer, ProblemCode::NotAnEnd, ['point' => $id]);

            return false;
        }

        return $point !== null;
    }

    public function exists(string $id, string $pointer): ?Point
    {
        if (! isset($this->points[$id])) {
            $this->problems->add($pointer, ProblemCode::UnknownPoint, ['point' => $id]);
        }

        return $this->points[$id] ?? null;
    }
}
