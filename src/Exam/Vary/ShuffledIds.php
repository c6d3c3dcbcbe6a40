<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/**
 * A board file with other ids, in another order: what is left to tell it by is what eyes see.
 *
 * Boxes, parts and cables are numbered anew in an order that the dice throw.
 */
final class ShuffledIds
{
    /**
     * @param  array<string, mixed>  $file  an array in the shape of a board file
     * @return array<string, mixed>
     */
    public static function file(array $file, Dice $dice): array
    {
        /**
         * @var array{enclosures: list<array{id: string}>, devices: list<array{id: string, in: string}>, cables: list<array{id: string,
         *     from: string, to: string}>, controls?: list<array{lamps: list<string>, switches: list<string>}>,
         *     alwaysOn?: list<string>} $file
         */
        $names = $shuffled = [];
        foreach (['enclosures' => 'B', 'devices' => 'D', 'cables' => 'W'] as $list => $letter) {
            $shuffled[$list] = $dice->for($list)->shuffled($file[$list]);
            foreach ($shuffled[$list] as $i => $one) {
                $names[$one['id']] = $letter.($i + 1);
            }
        }
        $renamed = function (array $one) use ($names): array {
            foreach (['id', 'in', 'from', 'to'] as $key) {
                if (isset($one[$key]) && is_string($one[$key])) {
                    $one[$key] = $names[$one[$key]] ?? $one[$key];
                }
            }

            return $one;
        };
        /** @param  list<string>  $ids */
        $all = fn (array $ids) => array_map(fn (mixed $id) => is_string($id) ? $names[$id] ?? $id : $id, $ids);

        return [
            ...$file,
            'enclosures' => array_map($renamed, $shuffled['enclosures']),
            'devices' => array_map($renamed, $shuffled['devices']),
            'cables' => array_map($renamed, $shuffled['cables']),
            'controls' => array_map(fn (array $control) => [
                'lamps' => $all($control['lamps']),
                'switches' => $all($control['switches']),
            ], $file['controls'] ?? []),
            'alwaysOn' => $all($file['alwaysOn'] ?? []),
        ];
    }
}
