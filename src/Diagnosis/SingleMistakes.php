<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Telling\Tables;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;

/** Every single usual mistake on some right wirings: worked out once, however often a board is asked about. */
final readonly class SingleMistakes
{
    public Tables $tables;

    /** @var list<Suspect> */
    public array $all;

    /** @var list<Suspect> the boards wired right */
    public array $none;

    /** @param  non-empty-list<Wiring>  $meant  right wirings that the board may have been meant to have */
    public function __construct(public array $meant)
    {
        $this->tables = new Tables;
        $all = [];
        foreach ($meant as $wiring) {
            foreach (Mistakes::on($wiring) as $i => $mistake) {
                $all[] = new Suspect($wiring, [$i => $mistake], $this->tables);
            }
        }
        $this->all = $all;
        $this->none = array_map(fn (Wiring $wiring) => new Suspect($wiring, [], $this->tables), $meant);
    }

    /** @return list<Mistake> */
    public function mistakes(): array
    {
        return array_map(fn (Suspect $one) => array_values($one->mistakes)[0], $this->all);
    }
}
