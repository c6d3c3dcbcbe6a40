<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Concerns\ChoosesClass;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class SetTaskRequest extends FormRequest
{
    use ChoosesClass;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('task'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->classRules(),
            'row' => ['sometimes', 'integer:strict', 'min:1', 'max:50'],
            'twice' => ['sometimes', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->classMessages();
    }

    /** Whether it is meant, where the task waits to be begun in this class already. */
    public function isTwice(): bool
    {
        return $this->boolean('twice');
    }

    public function rowLength(): int
    {
        return $this->integer('row', 6);
    }
}
