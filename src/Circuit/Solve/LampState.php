<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Brick\Math\BigRational;

/** What a lamp does. */
enum LampState: string
{
    case On = 'on';
    case Dim = 'dim';
    case Off = 'off';

    /** On from 90 % of nominal voltage, dim from 10 % up to that; both lines belong to the brighter side. */
    public static function atShareOfNominal(BigRational $share): self
    {
        $tenths = $share->multipliedBy(10);

        return match (true) {
            $tenths->isGreaterThanOrEqualTo(9) => self::On,
            $tenths->isGreaterThanOrEqualTo(1) => self::Dim,
            default => self::Off,
        };
    }

    public function isLit(): bool
    {
        return $this !== self::Off;
    }
}
