<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** A point on a device by its name: `S1.common`. Nowhere else is such a name put together or taken apart. */
final readonly class DevicePoint
{
    private function __construct(
        public string $device,
        public string $terminal,
    ) {
    }

    public static function id(string $device, string $terminal): string
    {
        return "$device.$terminal";
    }

    /** The device alone: searches ask it of thousands. */
    public static function deviceOf(string $id): string
    {
        return substr($id, 0, strcspn($id, '.'));
    }

    /** @param  string  $id  of a point on a device; anything else has no device that the board knows */
    public static function parse(string $id): self
    {
        [$device, $terminal] = [...explode('.', $id, 2), ''];

        return new self($device, $terminal);
    }
}
