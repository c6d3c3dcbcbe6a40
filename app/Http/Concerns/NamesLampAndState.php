<?php

declare(strict_types=1);

namespace App\Http\Concerns;

/** A request for the current's way towards a lamp with the switches in chosen positions. */
trait NamesLampAndState
{
    public function lamp(): string
    {
        return $this->string('lamp')->value();
    }

    public function state(): int
    {
        return $this->integer('state');
    }

    /** Whether it is followed from the lamp back to the supply. */
    public function isBack(): bool
    {
        return $this->boolean('back');
    }

    /** @return array<string, list<string>> */
    private function lampAndStateRules(): array
    {
        return [
            'lamp' => ['required', 'string', 'max:40'],
            'back' => ['sometimes', 'boolean'],
            'state' => ['required', 'integer', 'min:0', 'max:65535'],
        ];
    }
}
