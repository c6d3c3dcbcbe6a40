<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Region;
use App\Wording\StandardBoxName;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\Face;
use Zwindle\Catalogue\Devices\FaceCatalogue;
use Zwindle\Catalogue\Devices\Landing;
use Zwindle\Catalogue\Devices\StandardBox;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Circuit\Scheme\SchemeName;

/** What can be put on a wall in one step, and which cables run between: the instructor's answers to "what goes here?". */
final class WallPartsShape
{
    /**
     * @return list<array{key: string, name: string, place: string, kind: string, material: string, box: string|null,
     *     models: list<string>}>
     */
    public static function of(Practice $practice): array
    {
        $all = [];
        foreach ($practice->wallParts as $key => $part) {
            $all[] = [
                'key' => $key,
                'name' => __("wall-parts.$key", [], Region::of($practice)),
                'place' => __("wall-parts.place.{$part['kind']}", [], Region::of($practice)),
                ...$part,
            ];
        }

        return $all;
    }

    /** @return array<string, string> model → `switch`, `lamp`, `receptacle`, `rose` or `supply` */
    public static function kinds(Practice $practice): array
    {
        return array_map(fn (DeviceModel $model) => $model->kind->value, DeviceCatalogue::of($practice));
    }

    /**
     * @return list<array{id: string, print: string, single: bool}> cables to choose from; the planner's own choice first,
     *     the old colours last
     */
    public static function cables(Practice $practice): array
    {
        $own = CableType::of($practice);
        usort($own, fn (CableType $one, CableType $other) => [$one->isSingle, $one->oldOf !== null] <=> [
            $other->isSingle,
            $other->oldOf !== null,
        ]);

        return [
            ['id' => CableType::UNDECIDED, 'print' => __('drawing.planner-chooses'), 'single' => false],
            ...array_map(fn (CableType $type) => [
                'id' => $type->id,
                'print' => $type->isSingle ? __('drawing.single', ['print' => $type->print]) : $type->print,
                'single' => $type->isSingle,
            ], $own),
        ];
    }

    /** @return list<array{id: string, name: string}> colours of single conductors, in the order of use */
    public static function colours(Practice $practice): array
    {
        return array_map(fn (Colour $colour) => [
            'id' => $colour->value,
            'name' => __("parts.colour.$colour->value", [], Region::of($practice)),
        ], $practice->singles);
    }

    /** @return list<array{model: string, name: string, kind: string}> parts that can go into a box, but for the supply */
    public static function parts(Practice $practice): array
    {
        $own = array_filter(DeviceCatalogue::of($practice), fn (DeviceModel $model) => $model->kind !== DeviceKind::Supply);

        return array_map(fn (DeviceModel $model) => [
            'model' => $model->id,
            'name' => $model->function === null
                ? __("parts.model.$model->id", [], Region::of($practice))
                : __("parts.function.{$model->function->value}", [], Region::of($practice)),
            'kind' => $model->kind->value,
        ], array_values($own));
    }

    /** @return array<string, list<array<string, mixed>>> model → its faces as eyes see them, the usual one first */
    public static function faces(Practice $practice): array
    {
        return array_map(fn (DeviceModel $model) => array_map(fn (string $id, Face $face) => [
            'id' => $id,
            'name' => $face->name,
            'look' => $face->look,
            'width' => $face->width,
            'height' => $face->height,
            'print' => $face->print,
            'landings' => array_map(fn (Landing $landing) => [
                'x' => $landing->x,
                'y' => $landing->y,
                'shape' => $landing->shape->value,
                'finish' => $landing->finish,
                'print' => $landing->print,
                'holes' => $landing->holes,
            ], $face->landings),
        ], array_keys(FaceCatalogue::all($model)), FaceCatalogue::all($model)), DeviceCatalogue::of($practice));
    }

    /** @return list<array{id: string, text: string}> standard sizes with their volumes; none in Britain */
    public static function boxes(Practice $practice): array
    {
        $all = $practice->reckonsBoxFill ? StandardBox::all() : [];

        return array_map(fn (StandardBox $box) => ['id' => $box->id, 'text' => StandardBoxName::of($box).", $box->volumeIn3 in³"], $all);
    }

    /** @return list<string> ids of the editions, the newest first */
    public static function editions(Practice $practice): array
    {
        return array_reverse(array_map(fn (CodeEdition $edition) => $edition->id, Editions::of($practice)));
    }

    /** @return list<array{id: string, name: string}> schemes that a board can insist on */
    public static function schemes(Practice $practice): array
    {
        $all = array_filter(SchemeName::cases(), fn (SchemeName $scheme) => $scheme !== SchemeName::PolaritySwitching);

        return array_map(fn (SchemeName $scheme) => [
            'id' => $scheme->value,
            'name' => __("parts.scheme.$scheme->value", [], Region::of($practice)),
        ], $all);
    }
}
