<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** The conductors, clamps, devices and grounds of a box are reckoned to need more room than it has (North America). */
final readonly class BoxOverfilled implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ((new FillCount($evidence->board, $evidence->edition, $evidence->wiring))->boxes() as $box) {
            if ($box->fits() === false) {
                yield new Finding(FindingCode::BoxOverfilled, [$box->enclosure->id], [
                    'enclosure' => $box->enclosure->id,
                    'used' => self::figure($box->usedIn3->toFloat()),
                    'has' => self::figure($box->volumeIn3?->toFloat() ?? 0.0),
                ]);
            }
        }
    }

    private static function figure(float $in3): string
    {
        return rtrim(rtrim(number_format($in3, 2, '.', ''), '0'), '.');
    }
}
