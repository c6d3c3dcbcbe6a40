<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Models\User;
use App\Services\SignInPace;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** What asks for one's password once more; guessing is slowed as at the door. */
trait KnowsPassword
{
    use HasInstructor;

    public function authorize(): bool
    {
        return $this->user()?->isInstructor() ?? false;
    }

    /** @throws ValidationException where the current password is not the one */
    private function whoKnows(): User
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

        return $user;
    }
}
