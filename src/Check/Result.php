<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Scheme\SchemeName;

/** What a check of one wiring came to. */
final readonly class Result
{
    /** @param  list<Finding>  $findings */
    public function __construct(
        public Verdict $verdict,
        public array $findings,
        public Evidence $evidence,
    ) {
    }

    /** The scheme of the first control; null where there is none or it has no known one. */
    public function scheme(): ?SchemeName
    {
        return $this->evidence->schemes[0] ?? null;
    }

    /** @return list<Finding> those that follow from no other */
    public function causes(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding) => $finding->causedBy === null));
    }

    /** @return list<Finding> */
    public function withSeverity(Severity $severity): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding) => $finding->severity() === $severity));
    }

    /** Whether any finding names a section of a code. */
    public function citesSections(): bool
    {
        return array_filter(
            $this->findings,
            fn (Finding $finding) => $this->evidence->edition->cite($finding->code->value) !== null,
        ) !== [];
    }

    /** Whether it fails by the rules of the house, whatever a task makes of the remarks: only that can be mended by moves. */
    public function failsByItself(): bool
    {
        return array_filter($this->findings, fn (Finding $finding) => $finding->code->severity()->fails()) !== [];
    }
}
