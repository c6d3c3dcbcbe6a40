<?php

declare(strict_types=1);

namespace Zwindle\Board;

/**
 * One end of one core by its name, which tells the enclosure it comes out in: `W2.white@B1`; without it the core, `W2.white`.
 * Nowhere else is such a name put together or taken apart.
 */
final readonly class End
{
    private function __construct(
        public string $cable,
        public string $core,
        public string $enclosure,
    ) {
    }

    public static function id(string $core, string $enclosure): string
    {
        return "$core@$enclosure";
    }

    /** @return string the core's own name, as two of its ends share it */
    public static function coreId(string $cable, string $core): string
    {
        return "$cable.$core";
    }

    /** @return array{string, string} cable and core of a core's own name: searches ask it of thousands */
    public static function partsOf(string $core): array
    {
        [$cable, $name] = explode('.', $core, 2);

        return [$cable, $name];
    }

    /** @param  string  $id  of an end, or of a core */
    public static function parse(string $id): self
    {
        [$conductor, $enclosure] = [...explode('@', $id, 2), ''];
        [$cable, $core] = [...explode('.', $conductor, 2), ''];

        return new self($cable, $core, $enclosure);
    }

    /** Whether a point is the end of a core. */
    public static function isOne(string $point): bool
    {
        return str_contains($point, '@');
    }

    /** The core that it is an end of: `W2.white`. */
    public function ofCore(): string
    {
        return self::coreId($this->cable, $this->core);
    }
}
