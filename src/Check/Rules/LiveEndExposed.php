<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\LooseEnds;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** An end neither joined nor capped is live in some position of the switches; so is a spare that goes on beyond the board. */
final readonly class LiveEndExposed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach (LooseEnds::in($evidence) as $end) {
            if ($evidence->survey->nets[$evidence->nets->at($end)]->live) {
                yield new Finding(FindingCode::LiveEndExposed, [$end]);
            }
        }
        foreach ($evidence->board->onwardCables() as $cable) {
            foreach ($cable->spares() as $core) {
                if ($evidence->survey->nets[$evidence->netOfCore($core)]->live) {
                    yield new Finding(FindingCode::LiveEndExposed, [(string) $core->endBeyond()]);
                }
            }
        }
    }
}
