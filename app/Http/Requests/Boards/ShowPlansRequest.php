<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\NamesEdition;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ShowPlansRequest extends FormRequest
{
    use NamesEdition;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->editionRules();
    }
}
