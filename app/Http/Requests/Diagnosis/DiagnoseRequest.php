<?php

declare(strict_types=1);

namespace App\Http\Requests\Diagnosis;

use App\Http\Concerns\HasInstructor;
use App\Http\Concerns\HasSeen;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What was seen on a standing board of the library. */
final class DiagnoseRequest extends FormRequest
{
    use HasInstructor;
    use HasSeen;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }
}
