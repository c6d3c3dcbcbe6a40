<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Wires a board once more: as it was handed in, or from bare. */
final class RetryRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('work', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['from' => ['sometimes', 'string', 'in:bare,handed-in']];
    }

    public function isFromBare(): bool
    {
        return $this->string('from')->value() === 'bare';
    }
}
