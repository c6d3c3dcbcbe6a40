<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use RuntimeException;

final class AbsurdAllowance extends RuntimeException
{
    public static function of(float $freeM, float $sheathM, float $wastePercent, float $roundUpToM): self
    {
        return new self("Allowances out of range: $freeM m and $sheathM m at each end, $wastePercent %, rounded up to $roundUpToM m");
    }
}
