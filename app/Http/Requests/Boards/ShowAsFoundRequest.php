<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use App\Http\Concerns\HasInstructor;
use App\Http\Concerns\NamesBoardNumber;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ShowAsFoundRequest extends FormRequest
{
    use HasInstructor;
    use NamesBoardNumber;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->numberRules();
    }
}
