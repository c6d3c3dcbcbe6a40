<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\File;

/**
 * A password that an instructor chooses: long rather than odd, no longer than what the hash takes in, and none that is tried first.
 *
 * Source: NIST SP 800-63B, 5.1.1.2 (from memory): length, a list of common ones, no rules about signs, no change without a reason.
 */
final class OwnPassword
{
    public const LEAST_CHARACTERS = 10;

    public const MOST_BYTES = 72;

    private const LIST = 'app/Actions/People/common-passwords.txt';

    /** @return string|null what is wrong with it: `short`, `common`, `own-name` */
    public static function fault(string $password, string $name): ?string
    {
        $plain = mb_strtolower($password);
        $letters = preg_replace('/[^\p{L}]+/u', '', $plain) ?? '';
        $parts = array_filter(preg_split('/\s+/u', mb_strtolower($name)) ?: [], fn (string $part) => mb_strlen($part) > 2);

        return match (true) {
            mb_strlen($password) < self::LEAST_CHARACTERS, strlen($password) > self::MOST_BYTES => 'short',
            self::isRun($plain), in_array($plain, self::common(), true), in_array($letters, self::common(), true) => 'common',
            $letters !== '' && str_replace([...array_values($parts), 'zwindle'], '', $letters) === '' => 'own-name',
            default => null,
        };
    }

    /** One sign over and over, or signs in a row: `aaaaaaaaaa`, `1234567890`. */
    private static function isRun(string $password): bool
    {
        $steps = [];
        $codes = array_map(mb_ord(...), mb_str_split($password));
        foreach (array_slice($codes, 1) as $i => $code) {
            $steps[] = $code - $codes[$i];
        }

        return count(array_unique($steps)) === 1 && abs($steps[0]) <= 1;
    }

    /** @return list<string> */
    private static function common(): array
    {
        return array_values(array_filter(explode("\n", File::get(base_path(self::LIST)))));
    }
}
