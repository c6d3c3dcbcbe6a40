<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\User;
use App\Services\PersonName;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

final class InviteInstructorRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', User::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200', function (string $field, mixed $value, Closure $refuse): void {
            $refusal = PersonName::refusal($value);
            $refusal === null || $refuse($refusal);
        }]];
    }

    public function name(): string
    {
        return PersonName::tidy($this->string('name')->value());
    }
}
