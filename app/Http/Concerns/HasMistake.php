<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use Illuminate\Validation\Rule;
use Zwindle\Repair\Mistake\MistakeKind;

/** A mistake that was found and put right. */
trait HasMistake
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', Rule::enum(MistakeKind::class)->except([MistakeKind::BreakerTripped])],
            'at' => ['required', 'array', 'list', 'max:4'],
            'at.*' => ['string', 'max:70'],
        ];
    }

    public function kind(): string
    {
        return $this->string('kind')->value();
    }

    /** @return list<string> */
    public function at(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('at')));
    }
}
