<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

use LogicException;

/** British practice has no count of box fill. */
final class NoBoxFill extends LogicException
{
    public static function inBritain(): self
    {
        return new self('British practice has no count of box fill');
    }
}
