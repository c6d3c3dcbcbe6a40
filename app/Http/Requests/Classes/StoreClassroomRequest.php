<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Concerns\HasInstructor;
use App\Models\Classroom;
use Illuminate\Foundation\Http\FormRequest;

final class StoreClassroomRequest extends FormRequest
{
    use HasInstructor;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Classroom::class) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => __('people.class-name')];
    }

    public function name(): string
    {
        return $this->string('name')->squish()->value();
    }
}
