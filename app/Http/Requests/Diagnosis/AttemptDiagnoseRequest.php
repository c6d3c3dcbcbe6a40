<?php

declare(strict_types=1);

namespace App\Http\Requests\Diagnosis;

use App\Http\Concerns\HasSeen;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What was seen on the board of an attempt. */
final class AttemptDiagnoseRequest extends FormRequest
{
    use HasSeen;

    public function authorize(): bool
    {
        return Gate::authorize('lookForFaults', $this->route('attempt'))->allowed();
    }
}
