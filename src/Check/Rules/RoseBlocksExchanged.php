<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\ExchangedBlocks;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/**
 * The permanent line is in the switched block of a rose, or the switched line in its loop block, and everything works: the next
 * person goes by what is printed on the blocks. Where something does not work, that is reported instead.
 */
final readonly class RoseBlocksExchanged implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->allWorks() ? ExchangedBlocks::in($evidence->board, $evidence->roles) : [] as $points) {
            yield new Finding(FindingCode::RoseBlocksExchanged, $points, ['shape' => count($points) > 1 ? 'both' : (
                str_ends_with($points[0], '.loop') ? 'loop' : 'switched'
            )]);
        }
    }
}
