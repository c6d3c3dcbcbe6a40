<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\Hash;

/**
 * What a trainee signs in with: six characters that no two hands read differently, without vowels, so that they never make a word.
 * It is reported once, when it is made, and stored as a hash alone.
 */
final class PersonalCode
{
    private const CHARACTERS = 'CDFHJKMNPRTVWXY34679';

    private const LENGTH = 6;

    /** Codes are tried at the pace that `SignInPace` allows; a class of them has to be made while one waits. */
    private const ROUNDS = 10;

    public static function make(): string
    {
        $code = '';
        for ($i = 0; $i < self::LENGTH; $i++) {
            $code .= self::CHARACTERS[random_int(0, strlen(self::CHARACTERS) - 1)];
        }

        return $code;
    }

    public static function hash(string $code): string
    {
        return Hash::make($code, ['rounds' => min(self::ROUNDS, (int) config('hashing.bcrypt.rounds', self::ROUNDS))]);
    }

    /** As it is stored, where it was typed small or with gaps; anything else as it is. */
    public static function typed(string $password): string
    {
        $code = strtoupper((string) preg_replace('/[\s-]+/', '', $password));

        return preg_match('/^['.self::CHARACTERS.']{'.self::LENGTH.'}$/', $code) === 1 ? $code : $password;
    }
}
