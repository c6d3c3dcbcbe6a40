<?php

declare(strict_types=1);

namespace Zwindle\Proving\Walk;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Diagnosis\Telling\FlipTest;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Diagnosis\Telling\Tables;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakenWiring;
use Zwindle\Repair\Mistake\Mistakes;

/** Which wrong wirings of a board would have passed somebody's walk. */
final readonly class WouldPass
{
    /** Switches of a board that is looked at. */
    public const MOST_SWITCHES = 6;

    /**
     * @param  int  $wrong  landings that no walk through every combination passes
     * @param  int  $asMade  of those, how many pass this walk from where it began
     * @param  int  $withLuck  of those, how many pass its flips from some combination
     * @param  float  $onAverage  of those, how many pass its flips over all combinations to begin with
     * @param  list<MistakenWiring>  $mistakes  usual ones that pass it from where it began
     */
    private function __construct(
        public int $landings,
        public int $wrong,
        public int $asMade,
        public int $withLuck,
        public float $onAverage,
        public array $mistakes,
        public ?Trap $trap,
    ) {
    }

    /** @param  Wiring  $right  with at most MOST_SWITCHES switches */
    public static function of(Wiring $right, Walk $walk): self
    {
        $circuit = Circuit::of($right);
        $test = new FlipTest($circuit, $walk->flips);
        $whole = new FlipTest($circuit, FlipWalk::of($circuit->switches));
        $tables = new Tables;
        $landing = new EveryLanding($circuit);
        $landings = $wrong = $asMade = $withLuck = $lucky = 0;
        $traps = [];
        foreach ($landing->orders() as $orders) {
            $landings++;
            $table = $tables->of($landing->circuit($orders));
            if ($whole->isPassedFrom($table, 0)) {
                continue;
            }
            $wrong++;
            $from = $test->passedFrom($table);
            $withLuck += $from === [] ? 0 : 1;
            $lucky += count($from);
            if (in_array($walk->from, $from, true)) {
                $asMade++;
                $switches = array_map(
                    fn (int $place) => $circuit->switches[$place],
                    array_keys(array_filter($orders, fn (array $order) => EveryLanding::moved([$order]) > 0)),
                );
                $traps[] = [EveryLanding::moved($orders), $table, null, $switches];
            }
        }
        $mistakes = [];
        foreach (Mistakes::on($right) as $i => $mistake) {
            $wiring = new MistakenWiring($right, [$i => $mistake]);
            $table = $tables->of($wiring->circuit());
            if (! $whole->isPassedFrom($table, 0) && $test->isPassedFrom($table, $walk->from)) {
                $mistakes[] = $wiring;
                // A usual mistake is the best trap.
                $traps[] = [-1, $table, $mistake, []];
            }
        }

        return new self(
            $landings, $wrong, $asMade, $withLuck, $lucky / $circuit->stateCount(), $mistakes,
            self::trap($circuit, $walk, $traps),
        );
    }

    /**
     * @param  list<array{int, TruthTable, Mistake|null, list<string>}>  $traps  the more usual, the smaller its number
     */
    private static function trap(Circuit $circuit, Walk $walk, array $traps): ?Trap
    {
        usort($traps, fn (array $one, array $other) => $one[0] <=> $other[0]);
        foreach ($traps as [, $table, $mistake, $landed]) {
            $tell = self::tell($circuit, $table, $walk->end());
            if ($tell !== null) {
                return new Trap($table, $mistake, $landed, $tell);
            }
        }

        return null;
    }

    /** @return non-empty-list<string>|null the fewest flips from a state of which the last one is answered wrongly */
    private static function tell(Circuit $circuit, TruthTable $table, int $from): ?array
    {
        $ways = [$from => []];
        $next = [$from];
        while ($next !== []) {
            $state = array_shift($next);
            foreach ($circuit->switches as $place => $switch) {
                if (! (new FlipTest($circuit, [$switch]))->isPassedFrom($table, $state)) {
                    return [...$ways[$state], $switch];
                }
                $there = $state ^ $circuit->bitOf($place);
                if (! isset($ways[$there])) {
                    $ways[$there] = [...$ways[$state], $switch];
                    $next[] = $there;
                }
            }
        }

        return null;
    }
}
