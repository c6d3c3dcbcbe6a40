<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Concerns\NamesTask;
use App\Models\Task;
use Illuminate\Foundation\Http\FormRequest;

final class TryTaskRequest extends FormRequest
{
    use NamesTask;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Task::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->taskRules(),
            'seats' => ['required', 'integer:strict', 'min:1', 'max:200'],
            'row' => ['sometimes', 'integer:strict', 'min:1', 'max:50'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->taskMessages();
    }

    public function seats(): int
    {
        return $this->integer('seats');
    }

    public function rowLength(): int
    {
        return $this->integer('row', 6);
    }
}
