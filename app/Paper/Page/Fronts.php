<?php

declare(strict_types=1);

namespace App\Paper\Page;

/** Where both sides are printed: a blank side follows whatever ends on a front, so that every part begins on one. */
final class Fronts
{
    /**
     * @template TPart
     * @template TBlank
     *
     * @param  list<TPart>  $parts
     * @param  callable(TPart): string  $like  the same for parts that take as many sides
     * @param  callable(TPart): int  $sides  how many a part takes, found by laying it out
     * @param  TBlank  $blank
     * @return list<TPart|TBlank>
     */
    public static function of(array $parts, callable $like, callable $sides, mixed $blank): array
    {
        $known = $laid = [];
        foreach ($parts as $part) {
            $known[$like($part)] ??= $sides($part);
            $laid[] = $part;
            if ($known[$like($part)] % 2 === 1) {
                $laid[] = $blank;
            }
        }

        return $laid;
    }
}
