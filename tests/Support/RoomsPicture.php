<?php

declare(strict_types=1);

namespace Tests\Support;

/** docs/architecture.svg: the groups of the core with their rooms, and what imports what, drawn from the code. */
final class RoomsPicture
{
    private const WIDTH = 960;

    private const GAP = 24;

    private const HIGH = 54;

    private const BELOW = 30;

    private const SIDE = 320;

    /** What stands around the core: a line each, from the browser inward. */
    private const AROUND = [
        'Browser · resources/js' => 'screens/ one screen a folder · shared/ what screens share · types made from schemas/',
        'Application · app' => 'Http/ · Actions/ · Console/ · Shapes/ JSON · Wording/ sentences · Paper/ · Models/ · Policies/',
    ];

    /** @param  array<string, list<string>>  $imports room → what it imports */
    public static function draw(array $imports): string
    {
        $rooms = self::roomsOf($imports);
        $groups = self::groupImports($imports);
        $rows = [];
        foreach (array_keys($groups) as $group) {
            $rows[self::depth($group, $groups)][self::isOnTheLongestWay($group, $groups) ? 'main' : 'side'][] = $group;
        }
        ksort($rows);

        $shapes = [];
        $y = self::GAP;
        foreach (self::AROUND as $name => $what) {
            $shapes[] = self::box([self::GAP, $y, self::WIDTH - 2 * self::GAP], $name, $what);
            $y += self::HIGH + self::GAP;
        }
        $at = [];
        foreach ($rows as $row) {
            foreach ($row['side'] ?? [] as $i => $name) {
                $wide = intdiv(self::SIDE - self::GAP * (count($row['side']) - 1), count($row['side']));
                $at[$name] = [self::WIDTH - self::GAP - self::SIDE + $i * ($wide + self::GAP), $y, $wide];
            }
            foreach ($row['main'] ?? [] as $name) {
                $at[$name] = [self::GAP, $y, self::WIDTH - 4 * self::GAP - self::SIDE];
            }
            $y += self::HIGH + self::BELOW;
        }
        foreach ($at as $name => $place) {
            $shapes[] = self::box($place, "src/$name", implode(' · ', $rooms[$name]));
        }
        $arrows = [];
        foreach (self::withoutDetours($groups) as $from => $tos) {
            foreach ($tos as $to) {
                $arrows[] = '<path d="'.self::arrow($at[$from], $at[$to]).'" marker-end="url(#a)"/>';
            }
        }

        return self::page($y - self::BELOW + self::GAP, $arrows, $shapes);
    }

    /**
     * Straight down within a column; from one column to the other out at the side, and round one corner.
     *
     * @param  array{int, int, int}  $from  left, top, width
     * @param  array{int, int, int}  $to
     */
    private static function arrow(array $from, array $to): string
    {
        $down = $from[1] + self::HIGH;
        $middle = $from[0] + intdiv($from[2], 2);
        $beyond = $to[0] + intdiv($to[2], 2);

        return match ($from[0] <=> $to[0]) {
            0 => "M$middle {$down}V$to[1]",
            -1 => 'M'.($from[0] + $from[2]).' '.($from[1] + intdiv(self::HIGH, 2))."H{$beyond}V$to[1]",
            1 => "M$middle {$down}V".($to[1] + intdiv(self::HIGH, 2)).'H'.($to[0] + $to[2]),
        };
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

    /** @param  array<string, list<string>>  $groups */
    private static function isOnTheLongestWay(string $group, array $groups): bool
    {
        $below = fn (string $one): int => count(array_filter(
            array_keys($groups),
            fn (string $other) => self::depth($other, $groups) === self::depth($one, $groups) + 1 && in_array($other, $groups[$one], true),
        ));
        $isLowest = self::depth($group, $groups) === max(array_map(fn (string $one) => self::depth($one, $groups), array_keys($groups)));

        return $isLowest || $below($group) > 0;
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

    /** @param  array{int, int, int}  $place left, top, width */
    private static function box(array $place, string $head, string $line): string
    {
        [$x, $y, $wide] = $place;

        return "<rect x=\"$x\" y=\"$y\" width=\"$wide\" height=\"".self::HIGH.'"/>'
            .'<text class="h" x="'.($x + 12).'" y="'.($y + 22)."\">$head</text>"
            .'<text x="'.($x + 12).'" y="'.($y + 42)."\">$line</text>";
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
