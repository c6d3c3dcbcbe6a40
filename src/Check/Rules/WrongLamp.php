<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Solve\FlipEffect;

/** A lamp that a switch of another control works. */
final readonly class WrongLamp implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                foreach (array_diff($evidence->circuit->switches, $view->control->switches) as $switch) {
                    if ($evidence->table->effect($switch, $lamp, overTrips: false) !== FlipEffect::Never) {
                        yield new Finding(
                            FindingCode::WrongLamp,
                            [...self::switchedSides($evidence, $view->sides($lamp)), $switch],
                            ['device' => $switch, 'lamp' => $lamp],
                            $i,
                        );
                    }
                }
            }
        }
    }

    /**
     * @param  list<string>  $sides  of a lamp
     * @return list<string> those that are on no terminal of the supply; all if there is none
     */
    private static function switchedSides(Evidence $evidence, array $sides): array
    {
        $supply = [$evidence->circuit->lineNet, $evidence->circuit->neutralNet, $evidence->circuit->earthNet];

        return array_values(array_filter($sides, fn (string $side) => ! in_array($evidence->nets->at($side), $supply, true))) ?: $sides;
    }
}
