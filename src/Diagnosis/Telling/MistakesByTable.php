<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakenWiring;
use Zwindle\Repair\Mistake\Mistakes;

/** Every usual mistake on a right wiring, and every two of them, grouped by what flipping shows. */
final readonly class MistakesByTable
{
    /** A board with more switches is not looked at: its tables could not be compared in good time. */
    public const MOST_SWITCHES = 8;

    /** States that may be worked out for pairs. */
    public const MOST_PAIR_STATES = 200_000;

    /** @var list<Mistake> */
    public array $mistakes;

    /** @var list<TableGroup> those with most single mistakes first */
    public array $groups;

    public bool $hasPairs;

    private function __construct(public Wiring $right, public Circuit $circuit, private Tables $tables, bool $withPairs)
    {
        $this->mistakes = Mistakes::on($right);
        $count = count($this->mistakes);
        $this->hasPairs = $withPairs && $count * ($count - 1) / 2 * $circuit->stateCount() <= self::MOST_PAIR_STATES;
        $shapes = TableShape::on($right->board);
        $rightShape = $shapes->of($tables->of($circuit));
        $mistaken = $known = [];
        foreach ($this->mistaken() as $wiring) {
            $table = $this->tableOf($wiring);
            $shape = $known[spl_object_id($table)] ??= $shapes->of($table);
            $mistaken[implode(' ', $shape)][] = $wiring;
        }
        $groups = array_map(
            fn (array $own, string $shape) => new TableGroup(explode(' ', $shape), explode(' ', $shape) === $rightShape, $own),
            $mistaken,
            array_keys($mistaken),
        );
        $singles = array_map(fn (TableGroup $group) => count($group->singles()), $groups);
        array_multisort($singles, SORT_DESC, array_keys($groups), SORT_ASC, $groups);
        $this->groups = $groups;
    }

    /** @param  Wiring  $right  with at most MOST_SWITCHES switches */
    public static function of(Wiring $right, bool $withPairs = true): self
    {
        return new self($right, Circuit::of($right), new Tables, $withPairs);
    }

    public function tableOf(MistakenWiring $wiring): TruthTable
    {
        return $this->tables->of($wiring->circuit());
    }

    /**
     * The wirings that would have passed a sequence of flips, though they are not right.
     *
     * @param  list<string>  $switches  in the order in which they are flipped
     * @return list<array{wiring: MistakenWiring, from: non-empty-list<int>}> and the states from which they pass
     */
    public function passing(array $switches): array
    {
        $test = new FlipTest($this->circuit, $switches);
        $passing = [];
        foreach ($this->mistaken() as $wiring) {
            $from = $test->passedFrom($this->tableOf($wiring));
            if ($from !== []) {
                $passing[] = ['wiring' => $wiring, 'from' => $from];
            }
        }

        return $passing;
    }

    /** @return iterable<MistakenWiring> single mistakes, then pairs */
    private function mistaken(): iterable
    {
        foreach ($this->mistakes as $i => $mistake) {
            yield new MistakenWiring($this->right, [$i => $mistake]);
        }
        foreach ($this->hasPairs ? $this->mistakes : [] as $i => $one) {
            foreach (array_slice($this->mistakes, $i + 1, preserve_keys: true) as $j => $other) {
                if (! $one->clashesWith($other)) {
                    yield new MistakenWiring($this->right, [$i => $one, $j => $other]);
                }
            }
        }
    }
}
