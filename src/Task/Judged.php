<?php

declare(strict_types=1);

namespace Zwindle\Task;

use Zwindle\Check\Finding;
use Zwindle\Check\Result;
use Zwindle\Check\Severity;
use Zwindle\Check\Verdict;

/** A check as a task takes it: with its own weights of the remarks. */
final readonly class Judged
{
    /** @param  list<Finding>  $findings  those that count */
    public function __construct(
        public Result $result,
        public array $findings,
        public Verdict $verdict,
        private RulesInForce $rules,
    ) {
    }

    public function severityOf(Finding $finding): Severity
    {
        return $this->rules->severityOf($finding->code) ?? Severity::Note;
    }

    /** @return list<Finding> */
    public function withSeverity(Severity $severity): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding) => $this->severityOf($finding) === $severity));
    }
}
