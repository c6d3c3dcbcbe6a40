<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use InvalidArgumentException;

final class MalformedStep extends InvalidArgumentException
{
    public static function because(string $field): self
    {
        return new self($field);
    }
}
