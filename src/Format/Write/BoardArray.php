<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Board\Wall;

/** A board in the shape of the board file. */
final class BoardArray
{
    /** @return array<string, mixed> */
    public static function of(Board $board): array
    {
        return [
            'format' => 'zwindle-board',
            'version' => 1,
            'title' => $board->title,
            'practice' => $board->practice->id,
            'code' => $board->edition->id,
            'enclosures' => array_map(fn (Enclosure $enclosure) => array_filter([
                'id' => $enclosure->id,
                'kind' => $enclosure->kind->value,
                'label' => $enclosure->label,
                'material' => $enclosure->kind === EnclosureKind::Onward ? null : ($enclosure->isMetal ? 'metal' : 'plastic'),
                'box' => $enclosure->box?->id, 'volumeIn3' => $enclosure->volumeIn3,
                'addedIn3' => $enclosure->kind === EnclosureKind::Onward ? null : $enclosure->addedIn3,
                'clamps' => $enclosure->kind === EnclosureKind::Onward ? null : ($enclosure->hasInternalClamps ? 'internal' : 'none'),
                'at' => $enclosure->at,
            ], fn (mixed $value) => $value !== null), array_values($board->enclosures)),
            'devices' => array_map(fn (Device $device) => array_filter([
                'id' => $device->id,
                'in' => $device->enclosure,
                'model' => $device->model->id,
                'breakerA' => $device->breakerA,
                'rcdMa' => $device->rcdMa,
                'face' => $device->mounting->face,
                'turned' => $device->mounting->turned ?: null,
                'seenFrom' => $device->mounting->isFromRear ? 'rear' : null,
            ], fn (mixed $value) => $value !== null), array_values($board->devices)),
            'cables' => array_map(fn (Cable $cable) => array_filter([
                'id' => $cable->id,
                'type' => $cable->type->id,
                'from' => $cable->from,
                'to' => $cable->to,
                'colour' => $cable->colour?->value,
                'lengthM' => $cable->lengthM,
            ], fn (mixed $value) => $value !== null), array_values($board->cables)),
            'controls' => array_map(fn (Control $control) => [
                'lamps' => $control->lamps,
                'switches' => $control->switches,
            ], $board->controls),
            'alwaysOn' => $board->alwaysOn,
            'requirements' => [
                'scheme' => $board->requirements->scheme,
                'neutralAtSwitches' => $board->requirements->neutralAtSwitches,
                'earths' => $board->requirements->earths ? 'required' : 'none',
            ],
            ...($board->wall === null ? [] : ['wall' => self::wall($board->wall)]),
        ];
    }

    /** @return array<string, float> */
    private static function wall(Wall $wall): array
    {
        return array_filter([
            'widthMm' => $wall->widthMm,
            'heightMm' => $wall->heightMm,
            'studsMm' => $wall->studsMm,
            'firstStudMm' => $wall->firstStudMm,
        ], fn (?float $value) => $value !== null);
    }
}
