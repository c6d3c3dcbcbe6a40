<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Enums\BoxSide;

/** Where a cable, or a conduit of singles, comes into a box. */
final readonly class Entry
{
    /**
     * @param  array{float, float}  $mouth
     * @param  list<string>  $ends
     */
    public function __construct(public string $label, public array $ends, public BoxSide $side, public array $mouth)
    {
    }
}
