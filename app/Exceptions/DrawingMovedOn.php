<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\BoardFile;
use RuntimeException;

/** Somebody has saved this drawing since it was opened: nothing was stored, and nothing is lost on either side. */
final class DrawingMovedOn extends RuntimeException
{
    public function __construct(public readonly BoardFile $theirs)
    {
        parent::__construct(__('messages.drawing-moved-on', ['version' => $theirs->version]));
    }
}
