<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * docs/architecture.svg, drawn from the code: the browser, the floors of the application, and the groups of the core with their rooms,
 * each below whatever imports it.
 *
 * @phpstan-type Box array{x: int, y: int, wide: int, high: int, head: string, lines: list<string>}
 */
final class RoomsPicture
{
    private const WIDTH = 1100;

    private const GAP = 22;

    private const BELOW = 34;

    private const LINE = 17;

    /** Letters of 13 px take so much on average. */
    private const LETTER = 6.7;

    private const BROWSER = 'screens/ one screen a folder · shared/ what screens share · types made from docs/api/openapi.json';

    /**
     * @param  array<string, list<string>>  $imports  room of the core → what it imports
     * @param  list<list<string>>  $floors  of the application in rows, the highest first
     * @param  array<string, list<string>>  $folders  floor → its folders
     */
    public static function draw(array $imports, array $floors, array $folders): string
    {
        $boxes = [self::box(self::GAP, self::GAP, self::WIDTH - 2 * self::GAP, 'Browser · resources/js', self::BROWSER)];
        $y = self::under($boxes);
        foreach ($floors as $row) {
            $y = self::row($boxes, $y, array_combine(
                array_map(fn (string $floor) => "app/$floor", $row),
                array_map(fn (string $floor) => implode(' · ', $folders[$floor] ?? []), $row),
            ));
        }
        $rooms = self::roomsOf($imports);
        $groups = self::groupImports($imports);
        $rows = [];
        foreach (array_keys($groups) as $group) {
            $rows[self::depth($group, $groups)]["src/$group"] = implode(' · ', $rooms[$group]);
        }
        ksort($rows);
        foreach ($rows as $row) {
            $y = self::row($boxes, $y, $row);
        }

        return self::page($y - self::BELOW + self::GAP, self::arrows($boxes, $groups), array_map(self::shape(...), $boxes));
    }

    /**
     * @param  list<Box>  $boxes
     * @param  array<string, string>  $row  head → what is in it
     * @return int where the next row begins
     */
    private static function row(array &$boxes, int $y, array $row): int
    {
        $wide = intdiv(self::WIDTH - self::GAP * (count($row) + 1), count($row));
        $added = [];
        foreach (array_keys($row) as $i => $head) {
            $added[] = self::box(self::GAP + $i * ($wide + self::GAP), $y, $wide, $head, $row[$head]);
        }
        $high = max(array_column($added, 'high'));
        foreach ($added as $box) {
            $boxes[] = [...$box, 'high' => $high];
        }

        return $y + $high + self::BELOW;
    }

    /** @return Box */
    private static function box(int $x, int $y, int $wide, string $head, string $inside): array
    {
        $lines = $inside === '' ? [] : explode("\n", wordwrap($inside, max(8, (int) (($wide - 20) / self::LETTER)), "\n"));

        return ['x' => $x, 'y' => $y, 'wide' => $wide, 'high' => 34 + self::LINE * count($lines), 'head' => $head, 'lines' => $lines];
    }

    /** @param  non-empty-list<Box>  $boxes */
    private static function under(array $boxes): int
    {
        return max(array_map(fn (array $box) => $box['y'] + $box['high'], $boxes)) + self::BELOW;
    }

    /**
     * Down from a group, across just above what it imports, and down into it.
     *
     * @param  list<Box>  $boxes
     * @param  array<string, list<string>>  $groups
     * @return list<string>
     */
    private static function arrows(array $boxes, array $groups): array
    {
        $at = array_column($boxes, null, 'head');
        $arrows = [];
        foreach (self::withoutDetours($groups) as $from => $tos) {
            foreach ($tos as $i => $to) {
                [$one, $other] = [$at["src/$from"], $at["src/$to"]];
                $x = $one['x'] + intdiv($one['wide'] * ($i + 1), count($tos) + 1);
                $beyond = $other['x'] + intdiv($other['wide'], 2);
                $bend = $other['y'] - intdiv(self::BELOW, 2);
                $arrows[] = "<path d=\"M$x ".($one['y'] + $one['high'])."V{$bend}H{$beyond}V{$other['y']}\" marker-end=\"url(#a)\"/>";
            }
        }

        return $arrows;
    }

    /**
     * @param  array<string, list<string>>  $imports
     * @return array<string, list<string>> group → its rooms' own names; its bare folder is left out where it has others
     */
    private static function roomsOf(array $imports): array
    {
        $rooms = [];
        foreach (array_keys($imports) as $room) {
            $rooms[Rooms::groupOf($room)] ??= [];
            if (str_contains($room, '\\')) {
                $rooms[Rooms::groupOf($room)][] = explode('\\', $room, 2)[1];
            }
        }

        return $rooms;
    }

    /**
     * @param  array<string, list<string>>  $imports
     * @return array<string, list<string>> group → the groups it imports
     */
    private static function groupImports(array $imports): array
    {
        $groups = [];
        foreach ($imports as $room => $others) {
            $group = Rooms::groupOf($room);
            $inside = array_map(Rooms::groupOf(...), array_filter($others, fn (string $other) => isset($imports[$other])));
            $groups[$group] = array_values(array_unique([...$groups[$group] ?? [], ...array_diff($inside, [$group])]));
        }

        return $groups;
    }

    /** @param  array<string, list<string>>  $groups */
    private static function depth(string $group, array $groups): int
    {
        $over = array_keys(array_filter($groups, fn (array $others) => in_array($group, $others, true)));

        return $over === [] ? 0 : 1 + max(array_map(fn (string $other) => self::depth($other, $groups), $over));
    }

    /**
     * @param  array<string, list<string>>  $groups
     * @return array<string, list<string>> without what is imported by way of another one anyway
     */
    private static function withoutDetours(array $groups): array
    {
        $reach = function (string $group) use ($groups, &$reach): array {
            return array_merge($groups[$group], ...array_map($reach, $groups[$group]));
        };

        return array_map(fn (array $tos) => array_values(array_diff($tos, array_merge([], ...array_map($reach, $tos)))), $groups);
    }

    /** @param  Box  $box */
    private static function shape(array $box): string
    {
        $x = $box['x'] + 10;
        $lines = '';
        foreach ($box['lines'] as $i => $line) {
            $lines .= "<text x=\"$x\" y=\"".($box['y'] + 24 + self::LINE * ($i + 1))."\">$line</text>";
        }

        return "<rect x=\"{$box['x']}\" y=\"{$box['y']}\" width=\"{$box['wide']}\" height=\"{$box['high']}\"/>"
            ."<text class=\"h\" x=\"$x\" y=\"".($box['y'] + 22)."\">{$box['head']}</text>$lines";
    }

    /**
     * @param  list<string>  $arrows
     * @param  list<string>  $shapes
     */
    private static function page(int $height, array $arrows, array $shapes): string
    {
        $width = self::WIDTH;

        return implode("\n", [
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $width $height\" font-family=\"sans-serif\" font-size=\"13\">",
            '<style>rect{fill:#EBE6D9;stroke:#1D2129;stroke-width:2}text{fill:#1D2129}.h{font-weight:bold;font-size:15px}path{stroke:#545B66;stroke-width:1.5;fill:none}</style>',
            '<defs><marker id="a" viewBox="0 0 8 8" refX="8" refY="4" markerWidth="8" markerHeight="8" orient="auto"><path d="M0 0L8 4L0 8z" style="fill:#545B66"/></marker></defs>',
            "<rect width=\"$width\" height=\"$height\" style=\"fill:#F5F2EA;stroke:none\"/>",
            ...$arrows,
            ...$shapes,
            "</svg>\n",
        ]);
    }
}
