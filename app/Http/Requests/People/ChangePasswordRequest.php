<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Actions\Pace\SignInPace;
use App\Actions\People\OwnPassword;
use App\Http\Concerns\HasInstructor;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

final class ChangePasswordRequest extends FormRequest
{
    use HasInstructor;

    public function authorize(): bool
    {
        return $this->user()?->isInstructor() ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'min:'.OwnPassword::LEAST_CHARACTERS, 'max:'.OwnPassword::MOST_BYTES, 'different:current'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.*' => __('people.password-wrong'),
            'password.different' => __('people.password-same'),
            'password.*' => __('people.password-short', ['least' => OwnPassword::LEAST_CHARACTERS]),
        ];
    }

    /** Refuses where the current password is not the one; guessing is slowed as at the door. */
    public function change(): void
    {
        $user = $this->instructor();
        $device = $this->session()->getId();
        if (SignInPace::wait($user->username, $device, true) > 0) {
            throw ValidationException::withMessages(['current' => __('messages.too-often')])->status(429);
        }
        if (! Hash::check($this->string('current')->value(), $user->password)) {
            SignInPace::failed($user->username, $device, true);
            throw ValidationException::withMessages(['current' => __('people.password-wrong')]);
        }
        $user->update(['password' => $this->string('password')->value(), 'is_password_own' => true]);
        $this->session()->regenerate();
    }
}
