<?php

declare(strict_types=1);

namespace App\Actions\People;

/** A password that an instructor chooses: long rather than odd, and no longer than what the hash takes in. */
final class OwnPassword
{
    public const LEAST_CHARACTERS = 10;

    public const MOST_BYTES = 72;

    public static function isFit(string $password): bool
    {
        return mb_strlen($password) >= self::LEAST_CHARACTERS && strlen($password) <= self::MOST_BYTES;
    }
}
