<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Concerns\NamesTask;
use App\Models\Task;
use Illuminate\Foundation\Http\FormRequest;

final class StoreTaskRequest extends FormRequest
{
    use NamesTask;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Task::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->taskRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->taskMessages();
    }
}
