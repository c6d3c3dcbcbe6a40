<?php

declare(strict_types=1);

namespace App\Http\Requests\Boards;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** The next flip to ask a room about, with those that were asked before: `0-S2,3-S1`. */
final class AskClassRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['asked' => ['sometimes', 'nullable', 'string', 'max:2000', 'regex:/^(\d{1,5}-[A-Za-z][\w-]{0,31}(,|$))*$/D']];
    }

    /** @return list<array{int, string}> state before the flip, and switch */
    public function asked(): array
    {
        $asked = [];
        foreach (array_filter(explode(',', $this->string('asked')->value())) as $one) {
            [$state, $switch] = explode('-', $one, 2);
            $asked[] = [(int) $state, $switch];
        }

        return $asked;
    }
}
