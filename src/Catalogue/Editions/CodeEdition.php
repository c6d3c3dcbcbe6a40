<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Editions;

use Zwindle\Catalogue\Practices\Practice;

/** An edition of the wiring rules that the product knows. */
final readonly class CodeEdition
{
    /**
     * @param  int|null  $earthsInOneAllowance  grounds that count as one in box fill, each further one a quarter; null: all are one
     * @param  bool  $isReachableExempt  whether a box that can be reached later without opening finished walls needs no neutral
     * @param  array<string, string>  $sections  finding code → the section that it rests on
     */
    public function __construct(
        public string $id,
        public string $title,
        public Practice $practice,
        public int $year,
        public NeutralRule $neutralAtSwitches,
        public bool $isReachableExempt,
        public ?int $earthsInOneAllowance,
        public array $sections,
        public string $source,
        public string $standard,
    ) {
    }

    /**
     * `NEC 404.2(C)`: the section that a finding rests on; null where this edition has none for it.
     *
     * Some findings rest on another section where they are: `light` at a light box or a rose, `earth` at a protective conductor.
     *
     * Every section is cited from memory of the published document: whoever shows one says so once.
     */
    public function cite(string $finding, string $where = ''): ?string
    {
        $section = $this->sections["$finding $where"] ?? $this->sections[$finding] ?? null;

        return $section === null ? null : "$this->standard $section";
    }
}
