<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Circuit\Net\Circuit;

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

    private readonly NetObserver $netWitness;

    /** @var list<LampGroup> */
    private readonly array $groups;

    /** @var list<list<int>> per group: place of what was seen in its pictures, state by state; 0 where line meets a return */
    private array $trails;

    private string $trips = '';

    public function __construct(public readonly Circuit $circuit)
    {
        $this->netWitness = new NetObserver($circuit);
        $this->lamps = array_combine($circuit->lamps, array_map(fn () => new LampFacts, $circuit->lamps));
        $this->groups = LampGroup::of($circuit, $this->lamps);
        $this->trails = array_map(fn () => [], $this->groups);
        StateWalk::over($circuit, $this->visit(...));
        $this->netWitness->close();
        $this->nets = $this->netWitness->facts;
        $this->truthTable = TruthTable::of($circuit, $this->columns(), $this->trips);
    }

    /** Whether two nets are one in every state, whether or not it trips. */
    public function areAlwaysOne(int $net, int $other): bool
    {
        $moving = $this->circuit->netsAtContacts();
        if ($net === $other || array_diff([$net, $other], $moving) !== []) {
            return $net === $other;
        }
        for ($state = 0; $state < $this->circuit->stateCount(); $state++) {
            $nodes = $this->circuit->nodesIn($state);
            if ($nodes[$net] !== $nodes[$other]) {
                return false;
            }
        }

        return true;
    }

    /**
     * The current through each lamp in every state that does not trip, from its first side to its second, in shares of
     * what it draws at nominal voltage.
     *
     * @return iterable<int, array<int, float>> state → lamp, by its place in the circuit → current; lamps without are left out
     */
    public function lampCurrents(): iterable
    {
        $currents = array_map(fn (LampGroup $group) => array_map(
            fn (array $solution) => array_filter(array_combine($group->lamps, $solution), fn (float $share) => $share !== 0.0),
            $group->currents(),
        ), $this->groups);
        for ($state = 0, $count = strlen($this->trips); $state < $count; $state++) {
            if ($this->trips[$state] !== TruthTable::NO_TRIP) {
                continue;
            }
            $drawn = [];
            foreach ($this->trails as $group => $trail) {
                $drawn += $currents[$group][$trail[$state]];
            }
            yield $state => $drawn;
        }
    }

    /** @param  array<int, int>  $parent  of every net: a root is its own parent */
    private function visit(int $state, array $parent): void
    {
        [$line, $neutral, $earth] = [$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet];
        while ($parent[$line] !== $line) {
            $line = $parent[$line];
        }
        while ($parent[$neutral] !== $neutral) {
            $neutral = $parent[$neutral];
        }
        while ($parent[$earth] !== $earth) {
            $earth = $parent[$earth];
        }
        $this->lineMeetsNeutral ??= $line === $neutral ? $state : null;
        $this->lineMeetsEarth ??= $line === $earth ? $state : null;
        $this->neutralMeetsEarth ??= $neutral === $earth ? $state : null;
        $trip = $line === $neutral || $line === $earth ? Trip::Breaker : null;
        foreach ($this->groups as $i => $group) {
            $this->trails[$i][] = $trip === Trip::Breaker ? 0 : $group->look($parent, $line, $neutral, $earth);
            $trip ??= $group->trip();
        }
        $this->trips .= TruthTable::tripLetter($trip);
        if ($trip === null) {
            $this->note($parent, $line, $neutral, $earth);
        }
    }

    /** @param  array<int, int>  $parent */
    private function note(array $parent, int $line, int $neutral, int $earth): void
    {
        $live = [$line => true];
        foreach ($this->groups as $group) {
            $group->note();
            foreach ($group->liveRoots() as $root) {
                $live[$root] = true;
            }
        }
        $this->netWitness->note($parent, $line, $neutral, $earth, $live);
    }

    /** @return array<int, string> a letter a state for each lamp, in the circuit's order */
    private function columns(): array
    {
        $columns = array_fill(0, count($this->circuit->lamps), '');
        foreach ($this->groups as $i => $group) {
            $alike = [];
            foreach ($group->lamps as $k => $lamp) {
                $letters = array_map(fn (LampSolution $solution) => TruthTable::lampLetter($solution->lamps[$k]), $group->solutions());
                $columns[$lamp] = $alike[implode('', $letters)] ??= $this->column($this->trails[$i], $letters);
            }
        }

        return $columns;
    }

    /**
     * @param  list<int>  $trail
     * @param  list<string>  $letters  of each picture
     */
    private function column(array $trail, array $letters): string
    {
        $column = '';
        foreach ($trail as $state => $seen) {
            $column .= $this->trips[$state] === TruthTable::NO_TRIP ? $letters[$seen] : TruthTable::lampLetter(LampState::Off);
        }

        return $column;
    }
}
