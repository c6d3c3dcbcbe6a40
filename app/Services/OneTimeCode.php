<?php

declare(strict_types=1);

namespace App\Services;

/**
 * One-time codes by the clock.
 *
 * Source: RFC 6238 (TOTP) over RFC 4226 (HOTP) with SHA-1, 30 seconds, six digits, as every authenticator takes them; RFC 4648 for the
 * secret in base 32.
 */
final class OneTimeCode
{
    public const SECONDS = 30;

    public const DIGITS = 6;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    private const SECRET_BYTES = 20;

    /** A code of the step before or after is taken too: clocks differ. */
    private const STEPS_APART = 1;

    /** @return string in base 32 */
    public static function secret(): string
    {
        return self::toBase32(random_bytes(self::SECRET_BYTES));
    }

    /** @param  string  $key  bytes */
    public static function at(string $key, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $key, true);
        $offset = ord($hash[19]) & 0x0F;
        /** @var array{1: int} $word */
        $word = unpack('N', substr($hash, $offset, 4));

        return str_pad((string) (($word[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code it is; a step that was used, or one before it, counts no more.
     *
     * @param  string  $secret  in base 32
     */
    public static function stepOf(string $secret, string $code, int $now, int $usedStep): ?int
    {
        $key = self::fromBase32($secret);
        $typed = preg_replace('/\s+/', '', $code) ?? '';
        for ($apart = -self::STEPS_APART; $apart <= self::STEPS_APART; $apart++) {
            $step = intdiv($now, self::SECONDS) + $apart;
            if ($step > $usedStep && hash_equals(self::at($key, $step), $typed)) {
                return $step;
            }
        }

        return null;
    }

    public static function address(string $secret, string $username): string
    {
        return 'otpauth://totp/Zwindle:'.rawurlencode($username)."?secret=$secret&issuer=Zwindle";
    }

    public static function toBase32(string $bytes): string
    {
        $bits = implode('', array_map(fn (string $byte) => str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT), str_split($bytes)));

        return implode('', array_map(
            fn (string $five) => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        ));
    }

    public static function fromBase32(string $text): string
    {
        $bits = implode('', array_map(
            fn (string $letter) => str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT),
            str_split(strtoupper($text)),
        ));

        return implode('', array_map(
            fn (string $eight) => chr((int) bindec($eight)),
            array_filter(str_split($bits, 8), fn (string $eight) => strlen($eight) === 8),
        ));
    }
}
