<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Concerns\KnowsPassword;
use App\Services\OwnPassword;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class ChangePasswordRequest extends FormRequest
{
    use KnowsPassword;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200', 'different:current'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.*' => __('people.password-wrong'),
            'password.different' => __('people.password-same'),
            'password.*' => __('people.password.short', ['least' => OwnPassword::LEAST_CHARACTERS]),
        ];
    }

    /** Refuses where the current password is not the one; guessing is slowed as at the door. */
    public function change(): void
    {
        $user = $this->whoKnows();
        $fault = OwnPassword::fault($this->string('password')->value(), $user->name);
        if ($fault !== null) {
            throw ValidationException::withMessages([
                'password' => __("people.password.$fault", ['least' => OwnPassword::LEAST_CHARACTERS]),
            ]);
        }
        $user->update(['password' => $this->string('password')->value(), 'is_password_own' => true]);
        $this->session()->regenerate();
    }
}
