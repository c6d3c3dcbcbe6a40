<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;

/** A request that may name the edition to work by. */
trait NamesEdition
{
    /** The edition that is asked for; null for the board's own. */
    public function edition(): ?CodeEdition
    {
        return Editions::find($this->string('edition')->value());
    }

    /** @return array<string, list<mixed>> */
    private function editionRules(): array
    {
        return ['edition' => ['sometimes', 'string', Rule::in(array_keys(Editions::all()))]];
    }
}
