<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Check\Findings\Finding;

/** One line of a grade: what was earned of what there was, and why. */
final readonly class GradeLine
{
    /**
     * @param  float|null  $got  null while it waits for the instructor's eye
     * @param  string  $what  finding code of a rule, id of an observation; else empty
     * @param  list<Finding>  $findings  that it rests on
     * @param  array<string, string|int>  $params
     */
    public function __construct(
        public GradePart $part,
        public ?float $got,
        public int $of,
        public string $what = '',
        public array $findings = [],
        public array $params = [],
    ) {
    }
}
