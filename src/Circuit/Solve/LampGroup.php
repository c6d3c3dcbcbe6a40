<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Brick\Math\BigRational;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\DisjointSets;

/**
 * Lamps that can come to share a node besides those of the supply, so that they must be solved together.
 *
 * What they do depends only on which of their sides are one with each other and with the supply. That pattern is solved
 * once, however many states show it.
 */
final class LampGroup
{
    private const LINE = 0;

    private const NEUTRAL = 1;

    private const EARTH = 2;

    /** The group of the lamps that no switch reaches. */
    private const STILL = 'still';

    private readonly BigRational $liveFrom;

    /** @var list<int> the nets at which the lamps stand */
    private readonly array $sides;

    /** @var list<array{int, int}> per lamp: the places of its nets in the sides */
    private readonly array $lampSides;

    /** @var array<string, int> pattern → its place in the pictures */
    private array $known = [];

    /** @var list<LampSolution> */
    private array $solutions = [];

    /** @var list<list<array{int, int}>> per picture: the nodes of each lamp */
    private array $lampNodes = [];

    /** @var list<array<int, true>> per picture: the numbers of the live nodes that are not the line's */
    private array $liveNumbers = [];

    /** @var list<int> per picture: the number of the node of the supply's earth */
    private array $earths = [];

    /** @var array<int, true> places of the pictures that the witness has seen */
    private array $witnessed = [];

    private int $now = 0;

    /** @var array<int, int> root → the number of its node in the pattern of the state looked at last */
    private array $numbers = [];

    /** @var array<int, int> of lamps that no switch reaches: whether neutral and earth are one → what is seen */
    private array $stillSeen = [];

    /**
     * @param  list<int>  $lamps  their places in the circuit
     * @param  bool  $isStill  no switch reaches them: they look the same in every state, but for what the supply's terminals do
     */
    private function __construct(
        private readonly Circuit $circuit,
        public readonly array $lamps,
        private readonly LampObserver $observer,
        private readonly bool $isStill,
    ) {
        $this->liveFrom = BigRational::of('1/10');
        $lampNets = array_map(fn (int $lamp) => $circuit->lampNets[$lamp], $lamps);
        $this->sides = array_values(array_unique(array_merge(...$lampNets)));
        $place = array_flip($this->sides);
        $this->lampSides = array_map(fn (array $nets) => [$place[$nets[0]], $place[$nets[1]]], $lampNets);
    }

    /**
     * @param  array<string, LampFacts>  $facts  of every lamp, by id
     * @return list<self>
     */
    public static function of(Circuit $circuit, array $facts): array
    {
        $supply = [$circuit->lineNet, $circuit->neutralNet, $circuit->earthNet];
        $sets = DisjointSets::of($circuit->nets->count());
        $pairs = array_merge($circuit->lampNets, ...array_map(fn (array $positions) => array_merge(...$positions), $circuit->contacts));
        foreach ($pairs as $pair) {
            if (array_intersect($pair, $supply) === []) {
                $sets->join(...$pair);
            }
        }
        $groups = [];
        $moves = [];
        foreach ($circuit->lampNets as $lamp => $nets) {
            $own = array_values(array_diff($nets, $supply));
            $key = $own === [] ? self::STILL : $sets->find($own[0]);
            $groups[$key][] = $lamp;
            $moves[$key] = ($moves[$key] ?? false) || array_intersect($own, $circuit->netsAtContacts()) !== [];
        }
        foreach (array_keys(array_diff_key($groups, array_filter($moves), [self::STILL => true])) as $key) {
            $groups[self::STILL] = [...($groups[self::STILL] ?? []), ...$groups[$key]];
            unset($groups[$key]);
        }
        $byPlace = array_values($facts);

        return array_map(
            fn (array $lamps, int|string $key) => new self(
                $circuit,
                $lamps,
                new LampObserver(array_map(fn (int $lamp) => $byPlace[$lamp], $lamps)),
                $key === self::STILL,
            ),
            $groups,
            array_keys($groups),
        );
    }

    /**
     * Looks at the lamps in one state, in which line meets no return.
     *
     * @param  array<int, int>  $parent  of every net: a root is its own parent
     * @param  int  $line  root of the node of the line
     * @return int place of what is seen in the pictures
     */
    public function look(array $parent, int $line, int $neutral, int $earth): int
    {
        return $this->now = $this->isStill
            ? $this->stillSeen[$neutral === $earth ? 1 : 0] ??= $this->see($parent, $line, $neutral, $earth)
            : $this->see($parent, $line, $neutral, $earth);
    }

    /** @param  array<int, int>  $parent */
    private function see(array $parent, int $line, int $neutral, int $earth): int
    {
        $numbers = [$earth => self::EARTH, $neutral => self::NEUTRAL, $line => self::LINE];
        $next = self::EARTH + 1;
        $pattern = [$numbers[$earth]];
        foreach ($this->sides as $root) {
            while ($parent[$root] !== $root) {
                $root = $parent[$root];
            }
            $pattern[] = $numbers[$root] ??= $next++;
        }
        $this->numbers = $numbers;
        $key = implode(',', $pattern);

        return $this->known[$key] ??= $this->solve($pattern);
    }

    public function trip(): ?Trip
    {
        return $this->solutions[$this->now]->trip;
    }

    /** Notes the state looked at last, unless one like it was noted. */
    public function note(): void
    {
        if (! isset($this->witnessed[$this->now])) {
            $this->witnessed[$this->now] = true;
            $this->observer->note(
                $this->solutions[$this->now],
                $this->lampNodes[$this->now],
                self::LINE,
                self::NEUTRAL,
                $this->earths[$this->now],
            );
        }
    }

    /** @return list<int> roots of the nodes that are live and not the line's, in the state looked at last */
    public function liveRoots(): array
    {
        $live = $this->liveNumbers[$this->now];

        return $live === [] ? [] : array_keys(array_filter($this->numbers, fn (int $number) => isset($live[$number])));
    }

    /** @return list<list<float>> per picture, the current through each lamp as LampSolution tells it */
    public function currents(): array
    {
        return array_map(fn (LampSolution $solution, array $nodes) => $solution->currents($nodes), $this->solutions, $this->lampNodes);
    }

    /** @return list<LampSolution> everything seen so far */
    public function solutions(): array
    {
        return $this->solutions;
    }

    /** @param  non-empty-list<int>  $pattern  the number of the supply's earth, then of each side at which lamps stand */
    private function solve(array $pattern): int
    {
        $lampNodes = array_map(fn (array $sides) => [$pattern[$sides[0] + 1], $pattern[$sides[1] + 1]], $this->lampSides);
        $solution = LampSolution::of($lampNodes, self::LINE, self::NEUTRAL, $pattern[0], $this->circuit->hasRcd);
        $live = $solution->network->nodesFrom($this->liveFrom);
        unset($live[self::LINE]);
        $this->solutions[] = $solution;
        $this->lampNodes[] = $lampNodes;
        $this->liveNumbers[] = $live;
        $this->earths[] = $pattern[0];

        return count($this->solutions) - 1;
    }
}
