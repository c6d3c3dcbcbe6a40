<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Practices\Colour;

/** One conductor along a cable. */
final readonly class Core
{
    public function __construct(
        public string $cable,
        public string $name,
        public Colour $colour,
        public string $from,
        public string $to,
    ) {
    }

    /** `W2.white` */
    public function id(): string
    {
        return End::coreId($this->cable, $this->name);
    }

    /** @return array{string, string} the points of its two ends */
    public function ends(): array
    {
        return [$this->endIn($this->from), $this->endIn($this->to)];
    }

    public function endIn(string $enclosure): string
    {
        return End::id($this->id(), $enclosure);
    }
}
