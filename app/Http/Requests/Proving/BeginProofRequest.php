<?php

declare(strict_types=1);

namespace App\Http\Requests\Proving;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A board taken up afresh, found with its supply on or off. */
final class BeginProofRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('beginProof', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['isOn' => ['required', 'boolean:strict']];
    }

    public function isOn(): bool
    {
        return $this->boolean('isOn');
    }
}
