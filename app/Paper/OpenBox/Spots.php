<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Paper\Layout\Measures;

/**
 * Where boxes stand beside one another when a board is drawn to be looked at: as on the wall, with room between those that hang close
 * together. A box opens its sides towards the others as they stand here.
 *
 * The browser has the same rules (`resources/js/shared/board/mapLayout.ts`).
 *
 * @phpstan-type Spot array{float, float}
 */
final class Spots
{
    private const PANE = ['width' => 460.0, 'height' => 600.0];

    private const MARGIN = 58.5;

    /**
     * @param  list<array<string, mixed>>  $enclosures  as they are looked at
     * @return array<string, Spot> by their ids
     */
    public static function of(array $enclosures): array
    {
        $measures = Measures::table();
        $spots = [];
        foreach ($enclosures as $i => $box) {
            [$column, $row] = [$i % $measures['wallPerRow'], intdiv($i, $measures['wallPerRow'])];
            $spots[$box['id']] = $box['at'] ?? [$column * $measures['wallSpacingMm'], $row * $measures['wallSpacingMm']];
        }
        [$width, $height] = [self::PANE['width'] - 2 * self::MARGIN, self::PANE['height'] - 2 * self::MARGIN];
        [$xs, $ys] = [self::linesOf(array_column($spots, 0)), self::linesOf(array_column($spots, 1))];
        $reach = fn (array $lines) => $lines[count($lines) - 1] - $lines[0];
        $scale = min($width / max(1, $reach($xs)), $height / max(1, $reach($ys)));
        $across = self::placesOf($xs, min($width, $measures['wallMostStretch'] * $scale * $reach($xs)), $width);
        $down = self::placesOf($ys, min($height, $measures['wallMostStretch'] * $scale * $reach($ys)), $height);

        return array_map(fn (array $spot) => [
            self::MARGIN + $across[self::lineOf($xs, $spot[0])],
            self::MARGIN + $down[self::lineOf($ys, $spot[1])],
        ], $spots);
    }

    /**
     * The lines on which boxes stand.
     *
     * @param  non-empty-list<float|int>  $values
     * @return non-empty-list<float|int>
     */
    private static function linesOf(array $values): array
    {
        sort($values);
        $lines = [$values[0]];
        foreach ($values as $value) {
            if ($value - $lines[count($lines) - 1] > Measures::table()['wallSameLineMm']) {
                $lines[] = $value;
            }
        }

        return $lines;
    }

    /**
     * Lines as far apart as on the wall, but no nearer than boxes can stand, in the middle of the room.
     *
     * @param  non-empty-list<float|int>  $lines
     * @return non-empty-list<float>
     */
    private static function placesOf(array $lines, float $wanted, float $room): array
    {
        $gaps = [];
        for ($i = 1; $i < count($lines); $i++) {
            $gaps[] = $lines[$i] - $lines[$i - 1];
        }
        $least = min(Measures::table()['wallLeastApart'], $room / max(1, count($gaps)));
        $length = min($room, max($wanted, $least * count($gaps)));
        $spare = $length - $least * count($gaps);
        $sum = max(1, array_sum($gaps));
        $places = [($room - $length) / 2];
        foreach ($gaps as $gap) {
            $places[] = $places[count($places) - 1] + $least + $spare * $gap / $sum;
        }

        return $places;
    }

    /** @param  non-empty-list<float|int>  $lines */
    private static function lineOf(array $lines, float|int $mm): int
    {
        $line = 0;
        while ($line + 1 < count($lines) && $lines[$line + 1] <= $mm) {
            $line++;
        }

        return $line;
    }
}
