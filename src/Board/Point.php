<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Devices\Terminal;

/** Anything that can be joined. */
final readonly class Point
{
    private function __construct(
        public string $id,
        public PointKind $kind,
        public string $enclosure,
        public ?Core $core = null,
        public ?string $device = null,
        public ?Terminal $terminal = null,
    ) {
    }

    public static function end(Core $core, string $enclosure): self
    {
        return new self($core->endIn($enclosure), PointKind::ConductorEnd, $enclosure, core: $core);
    }

    public static function terminal(Device $device, Terminal $terminal): self
    {
        $kind = $terminal->isLead ? PointKind::Lead : PointKind::Terminal;

        return new self(DevicePoint::id($device->id, $terminal->name), $kind, $device->enclosure, device: $device->id, terminal: $terminal);
    }

    public static function enclosureEarth(Enclosure $enclosure): self
    {
        return new self($enclosure->earthPoint(), PointKind::EnclosureEarth, $enclosure->id);
    }

    public function isFixed(): bool
    {
        return $this->kind->isFixed();
    }

    /** Whether this is an earthing terminal or an enclosure's earthing point. */
    public function isEarthing(): bool
    {
        return $this->kind === PointKind::EnclosureEarth || ($this->terminal?->isEarth() ?? false);
    }
}
