<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\NamesEdition;
use App\Http\Concerns\NamesLampAndState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ShowPlanPathRequest extends FormRequest
{
    use NamesEdition, NamesLampAndState;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->lampAndStateRules(), ...$this->editionRules()];
    }
}
