<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;

/** The usual mistakes that made a wrong wiring of a right one: what a repair undoes. */
final class Causes
{
    /** @var array<string, string|null> point or device → what it stands with, or which part it is, where the two differ */
    private array $difference;

    private function __construct(private readonly Wiring $right, Wiring $wrong)
    {
        $this->difference = self::differences($right, $wrong);
    }

    /** @return list<Mistake> empty if usual mistakes do not explain all of the difference */
    public static function of(Wiring $right, Wiring $wrong): array
    {
        $causes = new self($right, $wrong);
        $open = $causes->difference;
        $found = [];
        foreach (Mistakes::ofHandOn($right) as $mistake) {
            $explained = $causes->explained($mistake);
            if ($explained !== [] && array_diff_key($explained, $open) === []) {
                $found[] = $mistake;
                $open = array_diff_key($open, $explained);
            }
        }

        return $open === [] ? $found : [];
    }

    /** @return array<string, string|null> what the mistake changes, if all of it is in the difference */
    private function explained(Mistake $mistake): array
    {
        $isElsewhere = array_filter(
            $mistake->moves,
            fn (Move $move) => ! array_key_exists($move->point ?? (string) $move->device, $this->difference),
        ) !== [];
        if ($mistake->moves === [] || $isElsewhere) {
            return [];
        }
        $own = self::differences($this->right, $mistake->madeOn($this->right));
        $isSame = array_intersect_key($this->difference, $own) === array_intersect_key($own, $this->difference);

        return $isSame && array_diff_key($own, $this->difference) === [] ? $own : [];
    }

    /** @return array<string, string|null> in the order of the points */
    private static function differences(Wiring $from, Wiring $to): array
    {
        $differences = [];
        foreach (array_keys($from->points + $to->points) as $point) {
            $before = self::company($from, $point);
            $after = self::company($to, $point);
            if ($before !== $after) {
                $differences[$point] = $after;
            }
        }
        foreach (array_keys($from->fitted + $to->fitted) as $device) {
            $after = ($to->fitted[$device] ?? null)?->id;
            if (($from->fitted[$device] ?? null)?->id !== $after) {
                $differences[$device] = $after;
            }
        }

        return $differences;
    }

    private static function company(Wiring $wiring, string $point): ?string
    {
        $points = $wiring->jointAt($point)?->points;
        if ($points === null) {
            return null;
        }
        sort($points);

        return implode(' ', $points);
    }
}
