<?php

declare(strict_types=1);

namespace App\Http\Requests\Proving;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Devices\InstrumentKind;

/** An instrument with its first probe on a place. */
final class ReadAheadRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('readAhead', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'with' => ['required', 'string', Rule::in(['two-pole', 'ohm', 'insulation', 'loop'])],
            'one' => ['required', 'string', 'max:120'],
        ];
    }

    public function instrument(): InstrumentKind
    {
        return InstrumentKind::from($this->string('with')->value());
    }

    public function one(): string
    {
        return $this->string('one')->value();
    }
}
