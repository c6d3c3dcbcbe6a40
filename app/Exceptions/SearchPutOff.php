<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** A search that was not made, or not to its end: another one is under way, or a newer one was asked for. */
final class SearchPutOff extends RuntimeException
{
    private function __construct(string $message, public readonly int $status)
    {
        parent::__construct($message);
    }

    /** Somebody's earlier search is still running, or all places are taken: ask again in a moment. */
    public static function busy(): self
    {
        return new self(__('messages.search-busy'), 429);
    }

    /** A newer one of the same person was asked for: nobody waits for this one. */
    public static function overtaken(): self
    {
        return new self(__('messages.search-overtaken'), 409);
    }
}
