<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class StoreStepsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('work', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,40}$/'],
            'base' => ['required', 'integer:strict', 'min:0', 'max:1000000'],
            'steps' => ['required', 'array', 'min:1', 'max:200'],
            'steps.*.number' => ['required', 'integer:strict', 'min:1', 'max:1000000', 'distinct'],
            'steps.*.at' => ['bail', 'required', 'string', 'max:40', 'date', 'before:2100-01-01', 'after:2000-01-01'],
            'steps.*.step' => ['required', 'array'],
        ];
    }

    public function device(): string
    {
        return $this->string('device')->value();
    }

    public function base(): int
    {
        return $this->integer('base');
    }

    /** @return list<array{number: int, at: CarbonImmutable, step: array<string, mixed>}> */
    public function batch(): array
    {
        $batch = [];
        foreach ((array) $this->validated('steps') as $entry) {
            $batch[] = ['number' => (int) $entry['number'], 'at' => CarbonImmutable::parse($entry['at'])->utc(), 'step' => $entry['step']];
        }

        return $batch;
    }
}
