<?php

declare(strict_types=1);

namespace Zwindle\Solve;

use Brick\Math\BigRational;
use Zwindle\Net\Circuit;

/** One walk over every state of a circuit: the truth table and what was seen on the way. */
final class Survey
{
    public readonly TruthTable $truthTable;

    /** @var list<NetFacts> by net */
    public readonly array $nets;

    /** @var array<string, LampFacts> by device id */
    public readonly array $lamps;

    /** The first state in which line and neutral are one, whatever the supply ties together. */
    public ?int $lineMeetsNeutral = null;

    public ?int $lineMeetsEarth = null;

    public ?int $neutralMeetsEarth = null;

    private readonly BigRational $liveFrom;

    public function __construct(public readonly Circuit $circuit)
    {
        $this->liveFrom = BigRational::of('1/10');
        $this->nets = array_map(fn () => new NetFacts, $circuit->nets->points);
        $this->lamps = array_combine($circuit->lamps, array_map(fn () => new LampFacts, $circuit->lamps));
        $columns = array_map(fn () => '', $circuit->lamps);
        $trips = '';
        foreach (Solver::everyState($circuit) as $result) {
            foreach ($result->lamps as $i => $lamp) {
                $columns[$i] .= TruthTable::lampLetter($lamp);
            }
            $trips .= TruthTable::tripLetter($result->trip);
            $this->noteMeetings($result);
            if ($result->network !== null) {
                $this->noteNets($result, $result->network);
                $this->noteLamps($result, $result->network);
            }
        }
        $this->truthTable = TruthTable::of($circuit, $columns, $trips);
    }

    /** Whether two nets are one in every state, whether or not it trips. */
    public function areAlwaysOne(int $net, int $other): bool
    {
        for ($state = 0; $net !== $other && $state < $this->circuit->stateCount(); $state++) {
            $nodes = $this->circuit->nodesIn($state);
            if ($nodes[$net] !== $nodes[$other]) {
                return false;
            }
        }

        return true;
    }

    private function noteMeetings(StateResult $result): void
    {
        [$line, $neutral, $earth] = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet];
        $this->lineMeetsNeutral ??= $result->areOne($line, $neutral) ? $result->state : null;
        $this->lineMeetsEarth ??= $result->areOne($line, $earth) ? $result->state : null;
        $this->neutralMeetsEarth ??= $result->areOne($neutral, $earth) ? $result->state : null;
    }

    private function noteNets(StateResult $result, LampNetwork $network): void
    {
        $line = $result->nodes[$this->circuit->lineNet];
        $neutral = $result->nodes[$this->circuit->neutralNet];
        $earth = $result->nodes[$this->circuit->earthNet];
        $live = $network->nodesFrom($this->liveFrom);
        foreach ($this->nets as $net => $facts) {
            $node = $result->nodes[$net];
            $facts->tiedToLine = $facts->tiedToLine || $node === $line;
            $facts->tiedToNeutral = $facts->tiedToNeutral || $node === $neutral;
            $facts->tiedToEarth = $facts->tiedToEarth || $node === $earth;
            $facts->live = $facts->live || isset($live[$node]);
        }
    }

    private function noteLamps(StateResult $result, LampNetwork $network): void
    {
        $line = $result->nodes[$this->circuit->lineNet];
        $neutral = $result->nodes[$this->circuit->neutralNet];
        foreach ($this->circuit->lamps as $i => $id) {
            $facts = $this->lamps[$id];
            $nodes = array_map(fn (int $net) => $result->nodes[$net], $this->circuit->lampNets[$i]);
            $shares = array_map($network->shareAt(...), $nodes);
            foreach ([0, 1] as $side) {
                $higher = $shares[$side]->isGreaterThan($shares[1 - $side]);
                $facts->onLine[$side] = $facts->onLine[$side] || $nodes[$side] === $line;
                $facts->onNeutral[$side] = $facts->onNeutral[$side] || $nodes[$side] === $neutral;
                $facts->onLineSide[$side] = $facts->onLineSide[$side] || $higher || $nodes[$side] === $line;
            }
            if (! $result->lamps[$i]->isLit() && $shares[0]->isGreaterThanOrEqualTo($this->liveFrom) && $shares[1]->isGreaterThanOrEqualTo($this->liveFrom)) {
                $facts->offWhileFloating = $facts->offWhileFloating || $nodes[0] !== $nodes[1];
                $facts->offWhileOnLine = $facts->offWhileOnLine || $nodes === [$line, $line];
            }
            $facts->hasLine = $facts->hasLine || $this->reaches($result, $i, $this->circuit->lineNet);
            $facts->hasNeutral = $facts->hasNeutral || $this->reaches($result, $i, $this->circuit->neutralNet);
        }
    }

    /** Whether a lamp is tied to a terminal of the supply without passing through itself or another terminal of it. */
    private function reaches(StateResult $result, int $lamp, int $supplyNet): bool
    {
        $goal = $result->nodes[$supplyNet];
        $ports = array_map(fn (int $net) => $result->nodes[$net], [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet]);
        $next = array_map(fn (int $net) => $result->nodes[$net], $this->circuit->lampNets[$lamp]);
        $seen = [];
        while (($node = array_pop($next)) !== null) {
            if ($node === $goal) {
                return true;
            }
            if (isset($seen[$node]) || in_array($node, $ports, true)) {
                continue;
            }
            $seen[$node] = true;
            foreach ($this->circuit->lampNets as $i => [$one, $other]) {
                if ($i !== $lamp && $result->nodes[$one] === $node) {
                    $next[] = $result->nodes[$other];
                }
                if ($i !== $lamp && $result->nodes[$other] === $node) {
                    $next[] = $result->nodes[$one];
                }
            }
        }

        return false;
    }
}
