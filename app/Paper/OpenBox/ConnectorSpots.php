<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Paper\Layout\Measures;
use App\Paper\Layout\Rect;

/** Where connectors hang: under the devices where there is room, in the order in which they were made, then beside them. */
final class ConnectorSpots
{
    /**
     * @param  list<Connector>  $connectors
     * @param  list<Rect>  $solids  what nothing else may lie on
     * @param  bool  $isLast  whether one that has no room of its own lies where it lies least badly
     * @return list<Connector>|null where they lie; null where one has no room of its own
     */
    public static function placed(array $connectors, array $solids, Frame $frame, bool $isLast): ?array
    {
        $measures = Measures::table();
        $taken = array_map(fn (Rect $solid) => $solid->grown($measures['lane']), $solids);
        $inside = $frame->inside()->grown(-$measures['lane']);
        $spots = $connectors === [] ? [] : self::ranked($frame);
        $placed = [];
        foreach ($connectors as $connector) {
            $width = max($connector->width + 2 * $measures['lane'], $connector->wordWidth + $measures['lane']);
            $ground = fn (array $at) => new Rect($at[0] - $width / 2, $at[1] - 2 * $measures['lane'], $width, 5 * $measures['lane']);
            $isFree = function (Rect $ground) use (&$taken): bool {
                foreach ($taken as $other) {
                    if ($other->meets($ground)) {
                        return false;
                    }
                }

                return true;
            };
            $spot = self::first($spots, fn (array $at) => $inside->holds($ground($at)) && $isFree($ground($at)));
            if ($spot === null && ! $isLast) {
                return null;
            }
            $bare = fn (array $at) => Rect::around($at[0], $at[1], $connector->width / 2, 20);
            $spot ??= self::first($spots, fn (array $at) => $isFree($bare($at)));
            $spot ??= $spots[0];
            $taken[] = $ground($spot)->grown(-$measures['lane'] / 2);
            $placed[] = $connector->at(...$spot);
        }

        return $placed;
    }

    /**
     * @param  list<array{float, float}>  $spots
     * @param  callable(array{float, float}): bool  $fits
     * @return array{float, float}|null
     */
    private static function first(array $spots, callable $fits): ?array
    {
        foreach ($spots as $spot) {
            if ($fits($spot)) {
                return $spot;
            }
        }

        return null;
    }

    /** @return non-empty-list<array{float, float}> from low in the middle outwards and upwards */
    private static function ranked(Frame $frame): array
    {
        $measures = Measures::table();
        $middle = ($frame->left + $frame->right) / 2;
        $low = $frame->bottom - 5 * $measures['lane'];
        $spots = [];
        for ($y = $frame->bottom - 4 * $measures['lane']; $y > $frame->top + 3 * $measures['lane']; $y -= $measures['lane']) {
            for ($aside = 0; $aside < ($frame->right - $frame->left) / 2; $aside += 2 * $measures['lane']) {
                $spots[] = [$middle + $aside, $y];
                if ($aside > 0) {
                    $spots[] = [$middle - $aside, $y];
                }
            }
        }
        $price = fn (array $spot) => abs($spot[1] - $low) * 1.6 + abs($spot[0] - $middle);
        usort($spots, fn (array $a, array $b) => $price($a) <=> $price($b));

        return $spots;
    }
}
