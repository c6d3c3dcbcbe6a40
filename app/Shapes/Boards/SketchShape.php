<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use Zwindle\Catalogue\Devices\DeviceCatalogue;

/** A board drawn small, from the text of its file: that may still have problems, so nothing in it is relied on. */
final class SketchShape
{
    private const MOST_BOXES = 60;

    private const BESIDE_MM = 450;

    /** @return array{boxes: list<array{kind: string, at: array{float, float}, holds: list<string>}>, runs: list<array{int, int}>} */
    public static function of(string $text): array
    {
        $json = json_decode($text, true, 32);
        $list = fn (string $key) => is_array($json) && is_array($json[$key] ?? null) ? array_filter($json[$key], is_array(...)) : [];
        $boxes = $places = [];
        foreach (array_slice(array_values($list('enclosures')), 0, self::MOST_BOXES) as $i => $box) {
            $places[self::text($box['id'] ?? null)] = $i;
            $boxes[] = ['kind' => self::text($box['kind'] ?? null), 'at' => self::at($box['at'] ?? null, $i), 'holds' => []];
        }
        foreach ($list('devices') as $device) {
            $place = $places[self::text($device['in'] ?? null)] ?? null;
            $model = DeviceCatalogue::find(self::text($device['model'] ?? null));
            if ($place !== null && $model !== null) {
                $boxes[$place]['holds'][] = $model->function->value ?? $model->kind->value;
            }
        }
        $runs = [];
        foreach ($list('cables') as $cable) {
            [$from, $to] = [$places[self::text($cable['from'] ?? null)] ?? null, $places[self::text($cable['to'] ?? null)] ?? null];
            if ($from !== null && $to !== null) {
                $runs["$from $to"] = [$from, $to];
            }
        }

        return ['boxes' => $boxes, 'runs' => array_values($runs)];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /** @return array{float, float} in a row where the file gives no place */
    private static function at(mixed $at, int $number): array
    {
        return is_array($at) && is_numeric($at[0] ?? null) && is_numeric($at[1] ?? null)
            ? [(float) $at[0], (float) $at[1]]
            : [(float) ($number % 4 * self::BESIDE_MM), (float) (intdiv($number, 4) * self::BESIDE_MM)];
    }
}
