<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\LooseEnds;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** An end neither joined nor capped, never live: one finding for each box. */
final readonly class EndNotCapped implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $byEnclosure = [];
        foreach (LooseEnds::in($evidence) as $end) {
            if (! $evidence->survey->nets[$evidence->nets->at($end)]->live) {
                $byEnclosure[$evidence->point($end)->enclosure][] = $end;
            }
        }
        foreach ($byEnclosure as $enclosure => $ends) {
            $isOfEarths = array_filter($ends, fn (string $end) => ! ($evidence->point($end)->core?->colour->isEarths() ?? false)) === [];
            yield new Finding(FindingCode::EndNotCapped, $ends, [
                'enclosure' => (string) $enclosure,
                'count' => count($ends),
                'of' => $isOfEarths ? 'earths' : 'conductors',
            ]);
        }
    }
}
