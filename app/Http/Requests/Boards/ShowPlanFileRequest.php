<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\NamesEdition;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class ShowPlanFileRequest extends FormRequest
{
    use NamesEdition;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editionRules(), 'as' => ['required', Rule::in(['board', 'wiring', 'spice', 'svg', 'blank-svg'])]];
    }

    /** `board`, `wiring`, `spice`, `svg`, or `blank-svg` without what the cores carry. */
    public function form(): string
    {
        return $this->string('as')->value();
    }
}
