<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Models\Assignment;
use App\Shapes\Classes\MarkTableSettings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MarkTableRequest extends FormRequest
{
    private const MOST_LETTERS = 60;

    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Assignment::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'columns' => ['required', 'array', 'min:1', 'max:'.count(MarkTableSettings::COLUMNS)],
            'columns.*' => ['string', 'distinct', Rule::in(MarkTableSettings::COLUMNS)],
            'headings' => ['present', 'array:'.implode(',', MarkTableSettings::COLUMNS)],
            'headings.*' => ['nullable', 'string', 'max:'.self::MOST_LETTERS],
            'key' => ['required', Rule::in(MarkTableSettings::KEYS)],
            'separator' => ['required', Rule::in(array_keys(MarkTableSettings::SEPARATORS))],
            'decimal' => ['required', Rule::in(array_keys(MarkTableSettings::DECIMALS))],
        ];
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        return $this->safe()->only(['columns', 'headings', 'key', 'separator', 'decimal']);
    }
}
