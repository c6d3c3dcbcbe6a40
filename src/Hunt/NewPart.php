<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Board\Device;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\SwitchFunction;

/** A new part from the van, fitted in an old one's place: as an act keeps it, `S2|four-way`; of a lamp `LA|lamp`. */
final readonly class NewPart
{
    public const LAMP = 'lamp';

    private function __construct(public Device $device, public DeviceModel $model)
    {
    }

    /** Null for what is no part of the board, or no part that goes there. */
    public static function read(Wiring $right, string $text): ?self
    {
        [$id, $kind] = [...explode('|', $text, 2), ''];
        $device = $right->board->devices[$id] ?? null;
        $fits = $device === null ? [] : self::fitting($right, $device);

        return $device === null || ! isset($fits[$kind]) ? null : new self($device, $fits[$kind]);
    }

    /**
     * What goes into the place of a part: a switch of each function, a lamp. The board's own model of a function comes first.
     *
     * @return array<string, DeviceModel> kind → model
     */
    public static function fitting(Wiring $right, Device $device): array
    {
        $own = $right->modelOf($device);
        if ($device->is(DeviceKind::Lamp)) {
            return [self::LAMP => $own];
        }
        $fits = [];
        foreach ($device->is(DeviceKind::Switch) ? SwitchFunction::cases() : [] as $function) {
            $model = $own->function === $function ? $own : DeviceCatalogue::switchesOf($right->board->practice, $function)[0] ?? null;
            $fits += $model === null ? [] : [$function->value => $model];
        }

        return $fits;
    }
}
