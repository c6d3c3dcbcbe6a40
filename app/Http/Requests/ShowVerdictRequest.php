<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Editions;

final class ShowVerdictRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('judge', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['edition' => ['sometimes', 'string', Rule::in(array_keys(Editions::all()))]];
    }

    /** The edition to judge by; null for the board's own. */
    public function edition(): ?CodeEdition
    {
        return Editions::find($this->string('edition')->value());
    }
}
