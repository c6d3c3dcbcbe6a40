<?php

declare(strict_types=1);

namespace Zwindle\Check\Findings;

enum Verdict: string
{
    case Pass = 'pass';
    case Remarks = 'remarks';
    case Fail = 'fail';

    /** @param  list<Finding>  $findings */
    public static function on(array $findings): self
    {
        $severities = array_map(fn (Finding $finding) => $finding->severity(), $findings);

        return match (true) {
            array_filter($severities, fn (Severity $severity) => $severity->fails()) !== [] => self::Fail,
            in_array(Severity::Remark, $severities, true) => self::Remarks,
            default => self::Pass,
        };
    }
}
