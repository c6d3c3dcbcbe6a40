<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Concerns\NamesTask;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class UpdateTaskRequest extends FormRequest
{
    use NamesTask;

    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('task'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->taskRules(), 'base' => ['required', 'integer:strict', 'min:1', 'max:1000000000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->taskMessages();
    }

    /** The version that it was opened with. */
    public function base(): int
    {
        return $this->integer('base');
    }
}
