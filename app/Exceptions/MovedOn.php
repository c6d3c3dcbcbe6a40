<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Somebody else has changed it since it was opened: nothing was stored, and nothing is lost on either side. */
final class MovedOn extends RuntimeException
{
}
