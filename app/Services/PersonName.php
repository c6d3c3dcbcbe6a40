<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\User;
use Illuminate\Support\Str;

/** A name as people are called, in any script, and the name that they sign in with. */
final class PersonName
{
    public const MOST_CHARACTERS = 60;

    /** Letters of a name to sign in with, at most. */
    private const MOST_SIGN_IN = 24;

    /** What comes after a comma and is no first name. */
    private const SUFFIX = '/^(jr|sr|ii|iii|iv)\.?$/i';

    /** A name as lists have it, `Berg, Odd`, as people say it. */
    public static function natural(string $name): string
    {
        [$last, $first] = [...array_map(self::tidy(...), explode(',', $name, 2)), ''];

        return $last === '' || $first === '' || preg_match(self::SUFFIX, $first) === 1 ? self::tidy($name) : "$first $last";
    }

    public static function tidy(string $name): string
    {
        return trim((string) preg_replace('/[\s\x{00A0}\x{200B}\x{FEFF}]+/u', ' ', $name));
    }

    /** @return string|null what is wrong with it: key of a message */
    public static function fault(string $name): ?string
    {
        return match (true) {
            $name === '' => 'name-empty',
            mb_strlen($name) > self::MOST_CHARACTERS => 'name-long',
            // A spreadsheet would take it for a formula.
            preg_match('/^[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]/u', $name) === 1 => 'name-formula',
            preg_match('/[\p{Cc}\p{Cs}\p{Co}<>{}\\\\]/u', $name) === 1, preg_match('/\p{L}/u', $name) !== 1 => 'name-odd',
            default => null,
        };
    }

    /** What to say of a name that was sent; null where it is one. */
    public static function refusal(mixed $value): ?string
    {
        $name = is_string($value) ? self::tidy($value) : '';
        $fault = self::fault($name);

        return $fault === null ? null : __("people.fault.$fault", ['name' => $name]);
    }

    /**
     * The name to sign in with: the name in small letters, short and without commas, numbered where somebody has it already.
     *
     * @param  list<string>  $taken  besides those that are stored
     * @param  int|null  $own  whose it is already: nobody is in their own way
     */
    public static function toSignIn(string $name, array $taken = [], ?int $own = null): string
    {
        $wanted = self::short($name);
        $isTaken = fn (string $username) => in_array($username, $taken, true)
            || User::query()->where('username', $username)->whereKeyNot($own ?? 0)->exists();
        for ($number = 2, $username = $wanted; $isTaken($username); $number++) {
            $username = "$wanted $number";
        }

        return $username;
    }

    /** The whole of it where that is short; else the first part and the last. */
    private static function short(string $name): string
    {
        $parts = preg_split('/[\s,;.()"]+/u', Str::lower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [Str::lower($name)];
        $ends = count($parts) > 1 ? [$parts[0], end($parts)] : $parts;
        $each = intdiv(self::MOST_SIGN_IN, count($ends)) - count($ends) + 1;

        return mb_strlen(implode(' ', $parts)) <= self::MOST_SIGN_IN
            ? implode(' ', $parts)
            : implode(' ', array_map(fn (string $part) => mb_substr($part, 0, $each), $ends));
    }
}
