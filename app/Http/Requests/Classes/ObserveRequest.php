<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ObserveRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('observe', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'observed' => ['present', 'array', 'max:20'],
            'observed.*' => ['boolean:strict'],
            'isSecond' => ['boolean:strict'],
        ];
    }

    /** @return array<string, bool> id of an observation → what the eye said */
    public function observed(): array
    {
        /** @var array<string, mixed> $observed */
        $observed = (array) $this->validated('observed');

        return array_map(boolval(...), $observed);
    }

    /** Whether it is the second marker's sheet, which is kept apart and does not count. */
    public function isSecond(): bool
    {
        return $this->boolean('isSecond');
    }
}
