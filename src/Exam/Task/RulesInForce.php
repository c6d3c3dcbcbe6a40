<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;

/** Which remarks count as faults in a task, and which are left out. Dangers and faults are never touched. */
final readonly class RulesInForce
{
    /** @param  array<string, RuleWeight>  $weights  code of a remark → what the task makes of it */
    public function __construct(private array $weights = [])
    {
    }

    /** @return list<FindingCode> what a task may raise to a fault or leave out: every remark and every note */
    public static function remarks(): array
    {
        return array_values(array_filter(FindingCode::cases(), self::canBeWeighed(...)));
    }

    private static function canBeWeighed(FindingCode $code): bool
    {
        return ! $code->severity()->fails();
    }

    /** @return list<FindingCode> those of them that boards of a practice can earn */
    public static function remarksIn(Practice $practice): array
    {
        return array_values(array_filter(self::remarks(), fn (FindingCode $code) => $code->isIn($practice)));
    }

    public function severityOf(FindingCode $code): ?Severity
    {
        $own = $code->severity();

        return match (self::canBeWeighed($code) ? ($this->weights[$code->value] ?? RuleWeight::Remark) : RuleWeight::Remark) {
            RuleWeight::Remark => $own,
            RuleWeight::Fault => Severity::Fault,
            RuleWeight::Off => null,
        };
    }

    /** The same check with its findings weighed: what is left out is gone, and what followed from it stands alone. */
    public function judge(Result $result): Result
    {
        $kept = [];
        $place = [];
        foreach ($result->findings as $i => $finding) {
            $severity = $this->severityOf($finding->code);
            if ($severity !== null) {
                $place[$i] = count($kept);
                $kept[] = $finding->weighing($severity);
            }
        }
        $findings = array_map(fn (Finding $finding) => $finding->causedBy($place[$finding->causedBy ?? -1] ?? null), $kept);

        return new Result(Verdict::on($findings), $findings, $result->evidence);
    }
}
