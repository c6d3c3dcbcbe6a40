<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ShowPathRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('judge', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lamp' => ['required', 'string', 'max:40'],
            'state' => ['required', 'integer', 'min:0', 'max:65535'],
        ];
    }

    public function lamp(): string
    {
        return $this->string('lamp')->value();
    }

    public function state(): int
    {
        return $this->integer('state');
    }
}
