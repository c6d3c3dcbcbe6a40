<?php

declare(strict_types=1);

namespace App\Http\Requests\Diagnosis;

use App\Http\Concerns\HasInstructor;
use App\Http\Concerns\HasMistake;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A mistake that was found on a board of the library. */
final class ConfirmRequest extends FormRequest
{
    use HasInstructor;
    use HasMistake;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }
}
