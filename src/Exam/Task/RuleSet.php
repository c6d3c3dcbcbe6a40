<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;

/** Ready sets of rules for a task. */
enum RuleSet: string
{
    /** Remarks stay remarks: what is taught, not what is failed. */
    case AsTrainer = 'trainer';
    /** Everything that the code forbids fails. */
    case AsInspector = 'inspector';

    /** @return array<string, RuleWeight> finding code → its weight; a remark that is not named stays one */
    public function weights(Practice $practice): array
    {
        if ($this === self::AsTrainer) {
            return [];
        }
        $edition = Editions::newest($practice);
        $violations = array_filter(
            RulesInForce::remarksIn($practice),
            fn (FindingCode $code) => $edition->cite($code->value) !== null || $code === FindingCode::SchemeNotAcceptedEverywhere,
        );

        return array_fill_keys(array_map(fn (FindingCode $code) => $code->value, array_values($violations)), RuleWeight::Fault);
    }
}
