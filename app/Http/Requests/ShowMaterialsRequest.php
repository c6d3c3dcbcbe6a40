<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Concerns\NamesEdition;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Catalogue\Practice;
use Zwindle\Materials\CutAllowances;
use Zwindle\Materials\Materials;

final class ShowMaterialsRequest extends FormRequest
{
    use NamesEdition;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editionRules(),
            'sets' => ['sometimes', 'integer', 'min:1', 'max:'.Materials::MOST_SETS],
            'end' => ['sometimes', 'numeric', 'min:0', 'max:5'],
            'waste' => ['sometimes', 'numeric', 'min:0', 'max:100'],
            'round' => ['sometimes', 'numeric', 'min:0.01', 'max:10'],
            'csv' => ['sometimes', Rule::in(['materials', 'cuts', 'labels'])],
        ];
    }

    public function sets(): int
    {
        return $this->integer('sets', 1);
    }

    /** The usual ones of the practice, with what is asked for instead. */
    public function allowances(Practice $practice): CutAllowances
    {
        $usual = CutAllowances::usualIn($practice);

        return CutAllowances::of($this->float('end', $usual->atEachEndM), $this->float('waste', $usual->wastePercent), $this->float('round', $usual->roundUpToM));
    }

    /** Which list is asked for as a table; null for all of them as JSON. */
    public function table(): ?string
    {
        return $this->filled('csv') ? $this->string('csv')->value() : null;
    }
}
