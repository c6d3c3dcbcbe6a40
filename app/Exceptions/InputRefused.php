<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;
use Zwindle\Problem\Problem;

/** A file or option that is refused: nothing was checked, nothing was stored. */
final class InputRefused extends RuntimeException
{
    /** @param  list<Problem>  $problems */
    private function __construct(string $message, public readonly array $problems)
    {
        parent::__construct($message);
    }

    public static function unreadable(string $path): self
    {
        return new self(__('problems.unreadable', ['path' => $path]), []);
    }

    public static function unwritable(string $path): self
    {
        return new self(__('problems.unwritable', ['path' => $path]), []);
    }

    /** @param  list<Problem>  $problems */
    public static function file(string $what, array $problems): self
    {
        return new self(trans_choice("problems.refused-$what", count($problems)), $problems);
    }

    public static function option(string $message): self
    {
        return new self($message, []);
    }
}
