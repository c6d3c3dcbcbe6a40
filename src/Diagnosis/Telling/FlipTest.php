<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\TruthTable;

/**
 * A sequence of flips as a test: passed where every flip changes just the lamps that it should, and nothing trips.
 *
 * Source: common practice (a right circuit changes the lamp at every operation of any switch).
 */
final readonly class FlipTest
{
    /** @var list<array{int, array<string, bool>}> per flip: the bit of the switch, and lamp → whether it should change */
    private array $flips;

    /** @param  list<string>  $switches  in the order in which they are flipped */
    public function __construct(Circuit $circuit, array $switches)
    {
        $flips = [];
        foreach ($switches as $switch) {
            $changes = [];
            foreach ($circuit->wiring->board->controls as $control) {
                foreach ($control->lamps as $lamp) {
                    $changes[$lamp] = in_array($switch, $control->switches, true);
                }
            }
            $flips[] = [$circuit->bitOf((int) array_search($switch, $circuit->switches, true)), $changes];
        }
        $this->flips = $flips;
    }

    /** @return list<int> the states from which a wiring with this table would pass */
    public function passedFrom(TruthTable $table): array
    {
        return array_values(array_filter(range(0, $table->count() - 1), fn (int $state) => $this->isPassedFrom($table, $state)));
    }

    public function isPassedFrom(TruthTable $table, int $state): bool
    {
        if ($table->trips[$state] !== TruthTable::NO_TRIP) {
            return false;
        }
        foreach ($this->flips as [$bit, $changes]) {
            $next = $state ^ $bit;
            if ($table->trips[$next] !== TruthTable::NO_TRIP) {
                return false;
            }
            foreach ($changes as $lamp => $shouldChange) {
                if (($table->lamps[$lamp][$state] !== $table->lamps[$lamp][$next]) !== $shouldChange) {
                    return false;
                }
            }
            $state = $next;
        }

        return true;
    }
}
