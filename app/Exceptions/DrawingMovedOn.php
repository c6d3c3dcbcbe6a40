<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Somebody has saved this drawing since it was opened: nothing was stored, and nothing is lost on either side. */
final class DrawingMovedOn extends RuntimeException
{
    /** @param  int  $version  that is kept now */
    public function __construct(int $version)
    {
        parent::__construct(__('messages.drawing-moved-on', ['version' => $version]));
    }
}
