<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

/** Layouts whose work is equal: the same difficulty, joints and conductors within a tenth of each other. */
final class EqualWork
{
    private const WITHIN = 1.10;

    /**
     * @param  list<Layout>  $layouts
     * @return list<Layout> the most that can be had together; of equally many those of the first layout
     */
    public static function among(array $layouts): array
    {
        $best = [];
        foreach ($layouts as $layout) {
            foreach ($layouts as $other) {
                $together = array_values(array_filter(
                    $layouts,
                    fn (Layout $one) => self::isWithin($one, $layout->joints, $other->conductors)
                        && $one->difficulty === $layout->difficulty,
                ));
                if (count($together) > count($best) || (count($together) === count($best) && in_array(
                    $layouts[0],
                    $together,
                    true,
                ) && ! in_array($layouts[0], $best, true))) {
                    $best = $together;
                }
            }
        }

        return $best;
    }

    /** Whether it has so many at least, and not a tenth more. */
    private static function isWithin(Layout $layout, int $joints, int $conductors): bool
    {
        return $layout->joints >= $joints && $layout->joints <= $joints * self::WITHIN + 1e-9
            && $layout->conductors >= $conductors && $layout->conductors <= $conductors * self::WITHIN + 1e-9;
    }
}
