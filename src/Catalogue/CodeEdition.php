<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/** An edition of the wiring rules that the product knows. */
final readonly class CodeEdition
{
    /**
     * @param  int|null  $earthsInOneAllowance  grounds that count as one in box fill, each further one a quarter; null: all are one
     * @param  array<string, string>  $sections  what a finding cites, where it moves from edition to edition
     */
    public function __construct(
        public string $id,
        public string $title,
        public Practice $practice,
        public int $year,
        public NeutralRule $neutralAtSwitches,
        public ?int $earthsInOneAllowance,
        public array $sections,
        public string $source,
    ) {
    }

    /** `NEC 404.2(C) (memory)`: a section as it is cited. */
    public function cite(string $section): string
    {
        return ($this->practice === Practice::NorthAmerica ? 'NEC ' : 'BS 7671 ').($this->sections[$section] ?? $section).' (memory)';
    }
}
