<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Middleware\EndedSessions;
use App\Models\User;
use App\Services\OneTimeCode;
use App\Services\PersonalCode;
use App\Services\PersonName;
use App\Services\SignInPace;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;

/** Name and password. Neither the answer nor the time it takes shows whether there is such a name. */
final class SignInRequest extends FormRequest
{
    /** Names that have signed in on this device before. */
    private const KNOWN = 'zwindle_known';

    private const MOST_KNOWN = 40;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'username' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    /** @throws ValidationException */
    public function authenticate(): void
    {
        [$name, $device] = [$this->name(), $this->session()->getId()];
        $known = $this->known();
        $isKnown = in_array($name, $known, true);
        $seconds = SignInPace::wait($name, $device, $isKnown);
        if ($seconds > 0) {
            throw ValidationException::withMessages(['username' => trans_choice(
                'messages.too-many-sign-ins',
                $seconds,
                ['seconds' => $seconds],
            )])->status(429);
        }
        $user = $this->personWith($name, PersonalCode::typed($this->string('password')->value()));
        if ($user === null) {
            SignInPace::failed($name, $device, $isKnown);
            throw ValidationException::withMessages(['username' => __('messages.wrong-sign-in')]);
        }
        $this->checkCode($user, $device, $isKnown);
        SignInPace::succeeded($device);
        Auth::login($user);
        EndedSessions::begin($this, $user);
        Cookie::queue(Cookie::forever(
            self::KNOWN,
            json_encode(array_slice(array_values(array_unique([$name, ...$known])), 0, self::MOST_KNOWN), JSON_THROW_ON_ERROR),
        ));
    }

    /**
     * Null after the same time, whether the name is nobody's, a trainee's with a short code or an instructor's with a long password: how
     * long a refusal takes gives nothing away.
     */
    private function personWith(string $name, string $password): ?User
    {
        return (new Timebox)->call(function (Timebox $box) use ($name, $password): ?User {
            $user = User::query()->where('username', $name)->first();
            $isRight = $user === null ? Hash::make($password) === '' : Hash::check($password, $user->password);
            $isRight && $box->returnEarly();

            return $isRight ? $user : null;
        }, config()->integer('app.sign_in_ms') * 1000);
    }

    /** The second factor, where it is on: a wrong code is a wrong guess, a missing one is asked for. */
    private function checkCode(User $user, string $device, bool $isKnown): void
    {
        if ($user->second_factor === null) {
            return;
        }
        $code = $this->string('code')->value();
        $step = $code === '' ? null : OneTimeCode::stepOf($user->second_factor, $code, now()->getTimestamp(), $user->second_factor_step);
        if ($step === null) {
            $code === '' || SignInPace::failed($this->name(), $device, $isKnown);
            throw ValidationException::withMessages(['code' => __($code === '' ? 'people.code-needed' : 'people.code-wrong')]);
        }
        $user->update(['second_factor_step' => $step]);
    }

    private function name(): string
    {
        return Str::lower(PersonName::tidy($this->string('username')->value()));
    }

    /** @return list<string> */
    private function known(): array
    {
        $text = $this->cookie(self::KNOWN);
        $names = is_string($text) ? json_decode($text, true) : [];

        return is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
    }
}
