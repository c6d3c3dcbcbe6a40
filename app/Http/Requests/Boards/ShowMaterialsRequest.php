<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\HasInstructor;
use App\Http\Concerns\NamesEdition;
use App\Wording\Lengths;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Materials\AbsurdAllowance;
use Zwindle\Plan\Materials\CutAllowances;
use Zwindle\Plan\Materials\Materials;

final class ShowMaterialsRequest extends FormRequest
{
    use HasInstructor;
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
            'free' => ['sometimes', 'numeric', 'min:0', 'max:5000'],
            'sheath' => ['sometimes', 'numeric', 'min:0', 'max:5000'],
            'waste' => ['sometimes', 'numeric', 'min:0', 'max:100'],
            'round' => ['sometimes', 'numeric', 'min:0.1', 'max:10000'],
            'csv' => ['sometimes', Rule::in(['materials', 'cuts', 'labels', 'schedule'])],
        ];
    }

    public function sets(): int
    {
        return $this->integer('sets', 1);
    }

    /**
     * The usual ones of the practice, with what is asked for instead, in inches or in millimetres.
     *
     * @throws ValidationException if they are absurd
     */
    public function allowances(Practice $practice): CutAllowances
    {
        $usual = CutAllowances::usualIn($practice);
        $metres = fn (string $field, float $usualM) => $this->has($field)
            ? (new Lengths($practice))->metresOf($this->float($field))
            : $usualM;
        try {
            return CutAllowances::of(
                $metres('free', $usual->freeM),
                $metres('sheath', $usual->sheathM),
                $this->float('waste', $usual->wastePercent),
                $metres('round', $usual->roundUpToM),
            );
        } catch (AbsurdAllowance) {
            throw ValidationException::withMessages(['free' => __('messages.absurd-allowances')]);
        }
    }

    /** Which list is asked for as a table; null for all of them as JSON. */
    public function table(): ?string
    {
        return $this->filled('csv') ? $this->string('csv')->value() : null;
    }
}
