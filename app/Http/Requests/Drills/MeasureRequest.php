<?php

declare(strict_types=1);

namespace App\Http\Requests\Drills;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class MeasureRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('work', $this->route('drill'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['measure' => ['required', 'string', 'max:40']];
    }

    public function measurement(): string
    {
        return $this->string('measure')->value();
    }
}
