<?php

declare(strict_types=1);

namespace Zwindle\Materials;

use RuntimeException;

final class AbsurdAllowance extends RuntimeException
{
    public static function of(float $atEachEndM, float $wastePercent, float $roundUpToM): self
    {
        return new self("Allowances out of range: $atEachEndM m at each end, $wastePercent %, rounded up to $roundUpToM m");
    }
}
