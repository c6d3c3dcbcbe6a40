<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Result;

/** How many remarks of which code a wiring has, by the rules of the house: what a task makes of them does not count here. */
final readonly class RemarkCount
{
    /** @param  array<string, int>  $byCode */
    private function __construct(public array $byCode)
    {
    }

    public static function in(Result $result): self
    {
        return new self(array_count_values(array_map(
            fn (Finding $finding) => $finding->code->value,
            array_values(array_filter($result->findings, self::isRemark(...))),
        )));
    }

    public static function isRemark(Finding $finding): bool
    {
        return $finding->code->severity() === Severity::Remark;
    }

    public function total(): int
    {
        return array_sum($this->byCode);
    }

    /** Whether there is no remark here that is not there too. */
    public function isWithin(self $other): bool
    {
        foreach ($this->byCode as $code => $count) {
            if ($count > ($other->byCode[$code] ?? 0)) {
                return false;
            }
        }

        return true;
    }
}
