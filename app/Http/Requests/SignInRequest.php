<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Name and password. Tries are limited by name and by device, never by address alone: all tablets of a workshop may
 * share one address.
 */
final class SignInRequest extends FormRequest
{
    private const MOST_TRIES_BY_NAME = 6;

    private const MOST_TRIES_BY_DEVICE = 20;

    private const SECONDS = 60;

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
        ];
    }

    /** @throws ValidationException */
    public function authenticate(): void
    {
        $this->refuseTooManyTries();
        if (! Auth::attempt(['username' => Str::lower($this->string('username')->trim()->value()), 'password' => $this->string('password')->value()])) {
            foreach (array_keys($this->limits()) as $key) {
                RateLimiter::hit($key, self::SECONDS);
            }
            throw ValidationException::withMessages(['username' => __('messages.wrong-sign-in')]);
        }
        foreach (array_keys($this->limits()) as $key) {
            RateLimiter::clear($key);
        }
    }

    private function refuseTooManyTries(): void
    {
        foreach ($this->limits() as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw ValidationException::withMessages(['username' => __('messages.too-many-sign-ins', ['seconds' => RateLimiter::availableIn($key)])])->status(429);
            }
        }
    }

    /** @return array<string, int> */
    private function limits(): array
    {
        return [
            'sign-in|name|'.Str::lower($this->string('username')->trim()->value()) => self::MOST_TRIES_BY_NAME,
            'sign-in|device|'.$this->session()->getId() => self::MOST_TRIES_BY_DEVICE,
        ];
    }
}
