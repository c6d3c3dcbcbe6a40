<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Enums\SeatPages;
use App\Http\Concerns\NamesSheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class ShowSeatPaperRequest extends FormRequest
{
    use NamesSheet;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('assignment'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->sheetRules(), 'pages' => ['required', Rule::enum(SeatPages::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pages.*' => __('messages.no-page')];
    }

    public function pages(): SeatPages
    {
        return SeatPages::from($this->string('pages')->value());
    }
}
