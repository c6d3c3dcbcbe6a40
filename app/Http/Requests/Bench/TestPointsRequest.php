<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Two places of the bench to put the tester to, with some switches down. */
final class TestPointsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('beHelped', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'one' => ['required', 'string', 'max:120'],
            'other' => ['required', 'string', 'max:120'],
            'down' => ['sometimes', 'nullable', 'string', 'max:600'],
        ];
    }

    public function one(): string
    {
        return $this->string('one')->value();
    }

    public function other(): string
    {
        return $this->string('other')->value();
    }

    /** @return list<string> ids of the switches that are down */
    public function down(): array
    {
        return array_values(array_filter(explode(',', $this->string('down')->value())));
    }
}
