<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\Landing;

/** A board as a trainee sees it: boxes, cables, ends and landings, with nothing that tells what a terminal is inside. */
final class Look
{
    private const KEYS = 'abcdefghijklmnopqrstuvwxyz';

    /**
     * @param  array<string, DeviceModel>  $fitted  device id → another part than the board names: its face is what eyes see
     * @return array{enclosures: list<array<string, mixed>>, cables: list<array<string, mixed>>}
     */
    public static function of(Board $board, array $fitted = []): array
    {
        return [
            'enclosures' => array_map(
                fn (Enclosure $enclosure) => self::enclosure($board, $enclosure, $fitted),
                array_values($board->enclosures),
            ),
            'cables' => array_map(fn (Cable $cable) => [
                'id' => $cable->id,
                'from' => $cable->from,
                'to' => $cable->to,
                'print' => $cable->type->print,
                'single' => $cable->type->isSingle,
                'colours' => array_values(array_map(fn (Core $core) => $core->colour->value, $cable->cores)),
            ], array_values($board->cables)),
        ];
    }

    /**
     * @param  array<string, DeviceModel>  $fitted
     * @return array<string, mixed>
     */
    private static function enclosure(Board $board, Enclosure $enclosure, array $fitted): array
    {
        $ends = [];
        // Beyond the board there is nothing to take in hand.
        foreach ($enclosure->kind === EnclosureKind::Onward ? [] : $board->cablesIn($enclosure->id) as $cable) {
            foreach ($cable->cores as $core) {
                $ends[] = [
                    'id' => $core->endIn($enclosure->id),
                    'cable' => $cable->id,
                    'colour' => $core->colour->value,
                    'flag' => $core->colour->flag($board->practice),
                    'far' => $cable->farFrom($enclosure->id),
                    'key' => self::KEYS[count($ends)] ?? '',
                ];
            }
        }

        return [
            'id' => $enclosure->id,
            'label' => $enclosure->label,
            'kind' => $enclosure->kind->value,
            'metal' => $enclosure->isMetal,
            'at' => $enclosure->at,
            'earth' => $enclosure->isMetal ? $enclosure->earthPoint() : null,
            'ends' => $ends,
            'devices' => array_map(
                fn (Device $device) => self::device($device, $fitted[$device->id] ?? null),
                $board->devicesIn($enclosure->id),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function device(Device $device, ?DeviceModel $fitted): array
    {
        $face = $device->face($fitted);

        return [
            'id' => $device->id,
            'look' => $face->look,
            'isLamp' => $device->is(DeviceKind::Lamp),
            'width' => $face->width,
            'height' => $face->height,
            'print' => $face->print,
            'turned' => $face->turned,
            'landings' => array_map(fn (Landing $landing) => [
                'id' => PlaceMap::landing($device->id, $landing->place),
                'x' => $landing->x,
                'y' => $landing->y,
                'shape' => $landing->shape->value,
                'finish' => $landing->finish,
                'print' => $landing->print,
                'holes' => $landing->holes,
            ], $face->landings),
        ];
    }
}
