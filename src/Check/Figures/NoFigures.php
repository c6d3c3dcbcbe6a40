<?php

declare(strict_types=1);

namespace Zwindle\Check\Figures;

use LogicException;

/** North American practice reckons with none of these figures. */
final class NoFigures extends LogicException
{
    public static function outsideBritain(): self
    {
        return new self('These figures are British');
    }
}
