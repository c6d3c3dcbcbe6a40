<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Facades\Context;

/** A short number for what went wrong in one request: a user reads it out, and the log finds it. */
final class ErrorNumber
{
    /** Without letters that are taken for others when they are read out. */
    private const LETTERS = 'ABCDEFGHJKLMNPRSTUVWXYZ23456789';

    private const KEY = 'error-number';

    public static function now(): string
    {
        $known = Context::getHidden(self::KEY);
        if (! is_string($known)) {
            $known = '';
            for ($i = 0; $i < 6; $i++) {
                $known .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
            }
            Context::addHidden(self::KEY, $known);
        }

        return substr($known, 0, 3).'-'.substr($known, 3);
    }
}
