<?php

declare(strict_types=1);

namespace App\Http\Requests\Diagnosis;

use App\Http\Concerns\HasMistake;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A mistake that was found on the board of an attempt. */
final class AttemptConfirmRequest extends FormRequest
{
    use HasMistake;

    public function authorize(): bool
    {
        return Gate::authorize('beToldFaults', $this->route('attempt'))->allowed();
    }
}
