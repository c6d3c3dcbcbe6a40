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
        public ?string $beyond = null,
    ) {
    }

    /** `W2.white` */
    public function id(): string
    {
        return End::coreId($this->cable, $this->name);
    }

    /** @return non-empty-list<string> the points of its two ends; of a core that goes on beyond the board only the near one */
    public function ends(): array
    {
        return match ($this->beyond) {
            null => [$this->endIn($this->from), $this->endIn($this->to)],
            $this->from => [$this->endIn($this->to)],
            default => [$this->endIn($this->from)],
        };
    }

    /** Its end in the place beyond the board, which is no point of the board: out of reach. */
    public function endBeyond(): ?string
    {
        return $this->beyond === null ? null : $this->endIn($this->beyond);
    }

    public function endIn(string $enclosure): string
    {
        return End::id($this->id(), $enclosure);
    }
}
