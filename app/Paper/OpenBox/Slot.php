<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Enums\BoxSide;

/** Where the flag of an end stands, and how its conductor comes to it from the mouth of its cable. */
final readonly class Slot
{
    /** @param  non-empty-list<array{float, float}>  $fan */
    public function __construct(public float $x, public float $y, public BoxSide $side, public array $fan)
    {
    }
}
