<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Work that is not done as it was asked for: what it was about, and why not in words. Nothing was stored. */
final class WorkRefused extends RuntimeException
{
    private function __construct(public readonly string $about, string $why)
    {
        parent::__construct($why);
    }

    /** @param  array<string, string>  $why  what it is about → the sentence; exactly one */
    public static function because(array $why): self
    {
        return new self((string) array_key_first($why), (string) reset($why));
    }
}
