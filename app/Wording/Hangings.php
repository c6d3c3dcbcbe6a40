<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\CableType;
use Zwindle\Catalogue\DeviceCatalogue;
use Zwindle\Catalogue\DeviceModel;
use Zwindle\Catalogue\Practice;

/** What can be hung on a wall in one step, and which cables run between: the instructor's answers to "what hangs here?". */
final class Hangings
{
    /** Key → kind of enclosure, material, standard size, parts; `live` is always on. */
    private const ALL = [
        'na' => [
            'three-way' => ['switch-box', 'metal', 'device-3x2x3.5', ['na-switch-3way']],
            'four-way' => ['switch-box', 'metal', 'device-3x2x3.5', ['na-switch-4way']],
            'one-pole' => ['switch-box', 'metal', 'device-3x2x3.5', ['na-switch-1p']],
            'light' => ['light-box', 'metal', 'octagon-4x2.125', ['na-lampholder']],
            'luminaire' => ['light-box', 'metal', 'octagon-4x2.125', ['na-luminaire']],
            'receptacle' => ['switch-box', 'metal', 'device-3x2x3.5', ['na-receptacle']],
            'junction' => ['junction-box', 'metal', 'square-4x2.125', []],
        ],
        'gb' => [
            'three-way' => ['switch-box', 'plastic', null, ['gb-switch-2way']],
            'four-way' => ['switch-box', 'plastic', null, ['gb-switch-intermediate']],
            'one-pole' => ['switch-box', 'plastic', null, ['gb-switch-1way']],
            'rose' => ['ceiling-rose', 'plastic', null, ['gb-rose', 'gb-pendant']],
            'light' => ['light-box', 'plastic', null, ['gb-batten-es']],
            'luminaire' => ['light-box', 'plastic', null, ['gb-luminaire']],
            'junction' => ['junction-box', 'plastic', null, []],
        ],
    ];

    /** @return list<array{key: string, name: string, place: string, kind: string, material: string, box: string|null, models: list<string>}> */
    public static function of(Practice $practice): array
    {
        $all = [];
        foreach (self::ALL[$practice->value] as $key => [$kind, $material, $box, $models]) {
            $all[] = ['key' => $key, 'name' => __("hangings.$key", [], $practice->value), 'place' => __("hangings.place.$kind", [], $practice->value), 'kind' => $kind, 'material' => $material, 'box' => $box, 'models' => $models];
        }

        return $all;
    }

    /** @return array<string, string> model → `switch`, `lamp`, `receptacle`, `rose` or `supply` */
    public static function kinds(Practice $practice): array
    {
        $own = array_filter(DeviceCatalogue::all(), fn (DeviceModel $model) => $model->practice === $practice);

        return array_map(fn (DeviceModel $model) => $model->kind->value, $own);
    }

    /** @return list<array{id: string, print: string}> new cables to choose from; the planner's own choice first */
    public static function cables(Practice $practice): array
    {
        $own = array_filter(CableType::all(), fn (CableType $type) => $type->practice === $practice && ! $type->isSingle && ! str_contains($type->id, '-old-'));

        return [
            ['id' => CableType::UNDECIDED, 'print' => __('drawing.planner-chooses')],
            ...array_values(array_map(fn (CableType $type) => ['id' => $type->id, 'print' => $type->print()], $own)),
        ];
    }
}
