<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Proving\Reading\Reading;

/** One line of a test sheet. */
final readonly class SheetLine
{
    /**
     * @param  Reading|null  $worst  the reading to write down; null where there is none yet, or none is asked
     * @param  list<string>  $left  what is still to be tested: ids of enclosures, lamps and switches, or pairs such as `line-neutral`
     * @param  bool|null  $isGood  null while something is left
     * @param  string|null  $count  of combinations: `3/4`
     */
    public function __construct(
        public SheetItem $item,
        public ?Reading $worst,
        public array $left,
        public ?bool $isGood,
        public ?string $count = null,
        public ?Reason $why = null,
    ) {
    }

    public function isDone(): bool
    {
        return $this->left === [];
    }
}
