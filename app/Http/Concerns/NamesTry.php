<?php

declare(strict_types=1);

namespace App\Http\Concerns;

/** A request about one of several tries; the newest where it names none. */
trait NamesTry
{
    public function try(): ?int
    {
        return $this->filled('try') ? $this->integer('try') : null;
    }

    /** @return array<string, list<string>> */
    private function tryRules(): array
    {
        return ['try' => ['sometimes', 'integer', 'min:0', 'max:1000']];
    }
}
