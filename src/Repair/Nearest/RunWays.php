<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Plan\Search\Run;

/** The ways that the strands of a target can lie on the cores of one run. */
final readonly class RunWays
{
    /**
     * @param  non-empty-list<array<string, array<string, string|null>>>  $landings  way → enclosure → conductor end,
     *     always in the same order → key of its strand
     */
    private function __construct(
        public string $from,
        public string $to,
        public array $landings,
    ) {
    }

    /** @param  non-empty-list<array<string, string|null>>  $ways  core → key of its strand */
    public static function of(Run $run, array $ways): self
    {
        $cores = $run->coreChoices()[0];
        $landings = array_map(function (array $way) use ($run, $cores): array {
            $ends = [$run->from => [], $run->to => []];
            foreach ($cores as $id => $core) {
                $ends[$run->from][$core->endIn($run->from)] = $ends[$run->to][$core->endIn($run->to)] = $way[$id] ?? null;
            }

            return $ends;
        }, $ways);

        return new self($run->from, $run->to, $landings);
    }

    public function touches(string $enclosure): bool
    {
        return $this->from === $enclosure || $this->to === $enclosure;
    }
}
