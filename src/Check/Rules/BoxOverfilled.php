<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Fill\FillCount;

/** The conductors, clamps, devices and grounds of a box are reckoned to need more room than it has (North America). */
final readonly class BoxOverfilled implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        if ($evidence->board->practice !== Practice::NorthAmerica) {
            return;
        }
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
