<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/**
 * Places for labels so that none lies on another, on a box or on a run: each tries its places, the full text before a shorter
 * one. What finds no place at all is left out.
 *
 * The browser places labels by the same rules (`resources/js/shared/board/layout/labels.ts`).
 */
final class Labels
{
    /** @var list<Rect> */
    private array $taken;

    /** @var list<Label> */
    private array $placed = [];

    /**
     * @param  list<BoxShape>  $boxes
     * @param  list<Way>  $ways
     */
    private function __construct(array $boxes, array $ways, private readonly Rect $view)
    {
        $this->taken = array_map(fn (BoxShape $box) => $box->ground(), $boxes);
        foreach ($ways as $way) {
            for ($i = 0; $i + 1 < count($way->points); $i++) {
                $this->taken[] = Rect::stretch($way->points[$i], $way->points[$i + 1], $way->run->width / 2);
            }
        }
    }

    /**
     * @param  list<BoxShape>  $boxes
     * @param  list<Way>  $ways
     * @param  array<string, list<list<Line>>>  $wanted  box or run → what is written there, and shorter where there is no room
     * @return list<Label>
     */
    public static function placed(array $boxes, array $ways, array $wanted, Rect $view): array
    {
        $labels = new self($boxes, $ways, $view);
        foreach ($boxes as $box) {
            $places = fn (float $width, float $height, float $air) => self::besideBox($box, $width, $height, $air);
            $labels->place($box->id, $wanted[$box->id] ?? [], $places);
        }
        foreach ($ways as $way) {
            $places = fn (float $width, float $height, float $air) => self::along($way, $width, $height, $air);
            $labels->place($way->run->id, $wanted[$way->run->id] ?? [], $places);
        }

        return $labels->placed;
    }

    /**
     * @param  list<list<Line>>  $variants
     * @param  callable(float, float, float): iterable<Rect>  $rectsFor  width, height and air of a label → its places, best first
     */
    private function place(string $of, array $variants, callable $rectsFor): void
    {
        $measures = Measures::table();
        foreach ($variants as $lines) {
            $width = max(array_map(fn (Line $line) => Letters::wide($line->text, $line->size, $line->isBold), $lines));
            $height = array_sum(array_map(fn (Line $line) => $line->size * $measures['labelLine'], $lines));
            $air = max(array_map(fn (Line $line) => $line->size, $lines)) * $measures['labelAir'];
            foreach ($rectsFor($width, $height, $air) as $rect) {
                if ($this->isFree($rect, $air)) {
                    $this->taken[] = $rect;
                    $this->placed[] = new Label($of, $lines, $rect);

                    return;
                }
            }
        }
    }

    private function isFree(Rect $rect, float $air): bool
    {
        if (! $this->view->holds($rect)) {
            return false;
        }
        $ground = $rect->grown($air);
        foreach ($this->taken as $other) {
            if ($ground->meets($other)) {
                return false;
            }
        }

        return true;
    }

    /** @return iterable<Rect> below, above, at the right, at the left, then at the corners, then farther and farther off */
    private static function besideBox(BoxShape $box, float $width, float $height, float $air): iterable
    {
        [$x, $y, $halfWidth, $halfHeight] = [$box->x, $box->y, $box->halfWidth, $box->halfHeight];
        for ($step = 0; $step < Measures::table()['labelSteps']; $step++) {
            $off = $air * 1.01 + $step * $height / 3;
            $levels = [$y + $halfHeight + $off, $y - $halfHeight - $off - $height];
            $sides = [$x + $halfWidth + $off, $x - $halfWidth - $off - $width];
            $lefts = [$x - $width / 2, $x + $air, $x - $width - $air, $x - $halfWidth, $x + $halfWidth - $width];
            $tops = [$y - $height / 2, $y + $air, $y - $height - $air, $y - $halfHeight, $y + $halfHeight - $height];
            $spots = [
                ...self::pairs([$lefts[0]], $levels),
                ...self::pairs($sides, [$tops[0]]),
                ...self::pairs(array_slice($lefts, 1), $levels),
                ...self::pairs($sides, array_slice($tops, 1)),
                ...self::pairs($sides, $levels),
            ];
            foreach ($spots as [$left, $top]) {
                yield new Rect($left, $top, $width, $height);
            }
        }
    }

    /**
     * @param  list<float>  $lefts
     * @param  list<float>  $tops
     * @return list<array{float, float}>
     */
    private static function pairs(array $lefts, array $tops): array
    {
        $pairs = [];
        foreach ($tops as $top) {
            foreach ($lefts as $left) {
                $pairs[] = [$left, $top];
            }
        }

        return $pairs;
    }

    /** @return iterable<Rect> over a level stretch or under it, at the right of an upright one or at its left; the longest first */
    private static function along(Way $way, float $width, float $height, float $air): iterable
    {
        $measures = Measures::table();
        $points = $way->points;
        $length = fn (int $i) => abs($points[$i][0] - $points[$i + 1][0]) + abs($points[$i][1] - $points[$i + 1][1]);
        $stretches = array_keys(array_slice($points, 1));
        usort($stretches, fn (int $a, int $b) => $length($b) <=> $length($a) ?: $a <=> $b);
        for ($step = 0; $step < $measures['labelSteps'] / 2; $step++) {
            $off = $way->run->width / 2 + $air * 1.01 + $step * $height / 2;
            foreach ($stretches as $i) {
                [[$x1, $y1], [$x2, $y2]] = [$points[$i], $points[$i + 1]];
                foreach ($measures['labelAlong'] as $share) {
                    [$x, $y] = [$x1 + ($x2 - $x1) * $share, $y1 + ($y2 - $y1) * $share];
                    $spots = $y1 === $y2
                        ? [[$x - $width / 2, $y - $off - $height], [$x - $width / 2, $y + $off]]
                        : [[$x + $off, $y - $height / 2], [$x - $off - $width, $y - $height / 2]];
                    foreach ($spots as [$left, $top]) {
                        yield new Rect($left, $top, $width, $height);
                    }
                }
            }
        }
    }
}
