<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** What was asked for is not there, or is not for whoever asks: neither can be told from the other. */
final class NotThere extends RuntimeException
{
}
