<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/**
 * The faces of the device models. Judging never looks here: it uses the contacts inside.
 *
 * Finishes follow common practice (odd colour for the common, dark and brass pairs on a four-way, green for earth); the
 * layouts are our own.
 */
final class FaceCatalogue
{
    public static function of(DeviceModel $model): Face
    {
        return match ($model->id) {
            'na-supply', 'gb-supply' => self::supply($model->practice),
            'na-switch-1p' => self::face('toggle', 120, 180, 'ON · OFF', [
                ['a', 120, 35, 'screw', 'brass'], ['b', 120, 145, 'screw', 'brass'], ['earth', 0, 145, 'screw', 'green'],
            ]),
            'na-switch-3way' => self::face('toggle', 120, 180, '', [
                ['t1', 0, 35, 'screw', 'brass'], ['t2', 120, 35, 'screw', 'brass'], ['common', 120, 145, 'screw', 'dark'], ['earth', 0, 145, 'screw', 'green'],
            ]),
            'na-switch-4way' => self::face('toggle', 120, 180, '', self::twoPairs()),
            'na-switch-2p' => self::face('toggle', 120, 180, 'ON · OFF', self::twoPairs()),
            'na-lampholder' => self::face('lampholder', 150, 150, '', [
                ['neutral', 0, 75, 'screw', 'silver'], ['hot', 150, 75, 'screw', 'brass'],
            ]),
            'na-luminaire' => self::face('luminaire', 180, 110, '', [
                ['hot', 30, 110, 'lead', 'black'], ['neutral', 90, 110, 'lead', 'white'], ['earth', 150, 110, 'lead', 'green'],
            ]),
            'na-receptacle' => self::face('receptacle', 120, 180, '', [
                ['neutral', 0, 50, 'screw', 'silver'], ['hot', 120, 50, 'screw', 'brass'], ['earth', 0, 150, 'screw', 'green'],
            ]),
            'gb-switch-1way' => self::face('rocker', 190, 120, '', [
                ['com', 40, 35, 'hole', 'brass', 'COM'], ['l1', 150, 35, 'hole', 'brass', 'L1'], ['earth', 95, 100, 'hole', 'brass', 'E'],
            ]),
            'gb-switch-2way' => self::face('rocker', 190, 120, '', [
                ['com', 30, 35, 'hole', 'brass', 'COM'], ['l1', 95, 35, 'hole', 'brass', 'L1'], ['l2', 160, 35, 'hole', 'brass', 'L2'], ['earth', 95, 100, 'hole', 'brass', 'E'],
            ]),
            'gb-switch-intermediate' => self::face('rocker', 210, 130, '', self::twoBritishPairs()),
            'gb-switch-2p' => self::face('rocker', 210, 130, 'ON · OFF', self::twoBritishPairs()),
            'gb-rose' => self::face('rose', 300, 120, '', [
                ['switched', 45, 40, 'block', 'brass', '', 2], ['loop', 125, 40, 'block', 'brass', '', 3],
                ['neutral', 215, 40, 'block', 'brass', '', 3], ['earth', 150, 100, 'hole', 'brass', 'E'],
            ]),
            'gb-pendant' => self::face('pendant', 120, 60, '', [
                ['live', 30, 0, 'lead', 'brown'], ['neutral', 90, 0, 'lead', 'blue'],
            ]),
            'gb-batten-bc' => self::face('batten', 190, 120, '', [
                ['a', 40, 35, 'hole', 'brass'], ['b', 150, 35, 'hole', 'brass'], ['earth', 95, 100, 'hole', 'brass', 'E'],
            ]),
            'gb-batten-es' => self::face('batten', 190, 120, '', [
                ['centre', 40, 35, 'hole', 'brass', 'L'], ['shell', 150, 35, 'hole', 'silver', 'N'], ['earth', 95, 100, 'hole', 'brass', 'E'],
            ]),
            'gb-luminaire' => self::face('luminaire', 180, 110, '', [
                ['live', 30, 110, 'lead', 'brown'], ['neutral', 90, 110, 'lead', 'blue'], ['earth', 150, 110, 'lead', 'green-yellow'],
            ]),
            default => throw new \LogicException("No face for $model->id"),
        };
    }

    private static function supply(Practice $practice): Face
    {
        $letters = $practice === Practice::Britain ? ['L', 'N', 'E'] : ['HOT', 'NEUT', 'GRD'];

        return self::face('supply', 230, 110, '', [
            ['line', 40, 40, 'block', 'brass', $letters[0], 2], ['neutral', 115, 40, 'block', 'silver', $letters[1], 2], ['earth', 190, 40, 'block', 'green', $letters[2], 2],
        ]);
    }

    /** @return list<array{string, float|int, float|int, string, string}> */
    private static function twoPairs(): array
    {
        return [
            ['b1', 0, 30, 'screw', 'brass'], ['b2', 120, 30, 'screw', 'brass'],
            ['a1', 0, 150, 'screw', 'dark'], ['a2', 120, 150, 'screw', 'dark'], ['earth', 0, 90, 'screw', 'green'],
        ];
    }

    /** @return list<array{string, float|int, float|int, string, string, string}> */
    private static function twoBritishPairs(): array
    {
        return [
            ['a1', 40, 30, 'hole', 'brass', 'A'], ['a2', 105, 30, 'hole', 'brass', 'A'],
            ['b1', 40, 95, 'hole', 'brass', 'B'], ['b2', 105, 95, 'hole', 'brass', 'B'], ['earth', 175, 62, 'hole', 'brass', 'E'],
        ];
    }

    /** @param  list<array{0: string, 1: float|int, 2: float|int, 3: string, 4: string, 5?: string, 6?: int}>  $rows */
    private static function face(string $look, float $width, float $height, string $print, array $rows): Face
    {
        $landings = [];
        foreach ($rows as $i => $row) {
            $landings[] = new Landing($i + 1, $row[0], $row[1], $row[2], LandingShape::from($row[3]), $row[4], $row[5] ?? '', $row[6] ?? 1);
        }

        return new Face($look, $width, $height, $print, $landings);
    }
}
