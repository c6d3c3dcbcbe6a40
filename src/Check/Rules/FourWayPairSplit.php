<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\ControlView;

/** The two conductors towards one neighbour of a four-way are on different pairs. */
final readonly class FourWayPairSplit implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            if ($view->behaves) {
                continue;
            }
            foreach ($view->switchesOf(SwitchFunction::FourWay) as $switch) {
                $split = self::splitTerminals($view, $switch);
                if ($split !== []) {
                    yield new Finding(FindingCode::FourWayPairSplit, $split, ['device' => $switch], $i);
                }
            }
        }
    }

    /** @return list<string> */
    private static function splitTerminals(ControlView $view, string $switch): array
    {
        $split = [];
        foreach (array_diff($view->control->switches, [$switch]) as $neighbour) {
            $theirs = array_values($view->contacts($neighbour));
            $towards = array_keys(array_filter($view->contacts($switch), fn (int $net) => in_array($net, $theirs, true)));
            $pairs = array_unique(array_map(fn (string $point) => substr($point, -2, 1), $towards));
            if (count($towards) === 2 && count($pairs) === 2) {
                $split = [...$split, ...$towards];
            }
        }

        return array_values(array_unique($split));
    }
}
