<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use Carbon\CarbonImmutable;

/** Something that a device says when it made, by its own clock: where it comes too late, the instructor sees it. */
trait SaysWhenMade
{
    public function madeAt(): ?CarbonImmutable
    {
        return $this->filled('at') ? CarbonImmutable::parse($this->string('at')->value())->utc() : null;
    }

    /** @return array<string, list<string>> */
    private function madeRules(): array
    {
        return ['at' => ['bail', 'sometimes', 'nullable', 'string', 'max:40', 'date', 'before:2100-01-01', 'after:2000-01-01']];
    }
}
