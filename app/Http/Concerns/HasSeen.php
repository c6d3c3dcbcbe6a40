<?php

declare(strict_types=1);

namespace App\Http\Concerns;

/** What was seen on a standing board, as its file has it; what is in it the reader of such files looks at. */
trait HasSeen
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'states' => ['present', 'array', 'max:300'],
            'looks' => ['present', 'array', 'max:200'],
            'probes' => ['present', 'array', 'max:200'],
            'parts' => ['present', 'array', 'max:100'],
        ];
    }

    /** @return array<string, mixed> */
    public function seen(): array
    {
        $states = array_map(fn (mixed $state) => is_array($state) ? [
            ...$state,
            'switches' => (object) (is_array($state['switches'] ?? null) ? $state['switches'] : []),
            'lamps' => (object) (is_array($state['lamps'] ?? null) ? $state['lamps'] : []),
        ] : $state, array_values((array) $this->input('states')));

        return [
            'states' => $states,
            'looks' => array_values((array) $this->input('looks')),
            'probes' => array_values((array) $this->input('probes')),
            'parts' => array_values((array) $this->input('parts')),
        ];
    }
}
