<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A lamp that has line in some state and neutral in none. */
final readonly class OpenNeutral implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                $facts = $evidence->survey->lamps[$lamp];
                if ($facts->hasLine && ! $facts->hasNeutral) {
                    yield new Finding(
                        FindingCode::OpenNeutral,
                        self::sidesWithoutLine($evidence, $lamp, $view->sides($lamp)),
                        ['lamp' => $lamp],
                        $i,
                    );
                }
            }
        }
    }

    /**
     * @param  list<string>  $sides
     * @return list<string>
     */
    private static function sidesWithoutLine(Evidence $evidence, string $lamp, array $sides): array
    {
        $onLine = $evidence->survey->lamps[$lamp]->onLine;
        $without = array_values(array_filter($sides, fn (int $side) => ! $onLine[$side], ARRAY_FILTER_USE_KEY));

        return $without ?: $sides;
    }
}
