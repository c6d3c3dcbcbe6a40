<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use Illuminate\Support\Str;

/** A name as people are called, in any script, and the name that they sign in with. */
final class PersonName
{
    public const MOST_CHARACTERS = 60;

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
     * The name to sign in with: the name in small letters, numbered where somebody has it already.
     *
     * @param  list<string>  $taken  besides those that are stored
     * @param  int|null  $own  whose it is already: nobody is in their own way
     */
    public static function toSignIn(string $name, array $taken = [], ?int $own = null): string
    {
        $wanted = Str::lower($name);
        $isTaken = fn (string $username) => in_array($username, $taken, true)
            || User::query()->where('username', $username)->whereKeyNot($own ?? 0)->exists();
        for ($number = 2, $username = $wanted; $isTaken($username); $number++) {
            $username = "$wanted $number";
        }

        return $username;
    }
}
