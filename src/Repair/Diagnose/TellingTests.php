<?php

declare(strict_types=1);

namespace Zwindle\Repair\Diagnose;

use Zwindle\Board\End;
use Zwindle\Board\PointKind;
use Zwindle\Circuit\Solve\Survey;

/**
 * The looks, probes and tests of parts that tell suspects with the same table apart, the one that parts most of them first.
 *
 * A look costs less than a probe, and one in a box that is open already less than one in another box.
 */
final class TellingTests
{
    /** @var list<TellingTest> in the order in which they are to be done */
    public array $tests = [];

    /** @var list<list<Suspect>> suspects that stay together after all of them, each set of more than one */
    public readonly array $together;

    public readonly int $sets;

    /** @param  non-empty-list<Suspect>  $suspects */
    private function __construct(array $suspects)
    {
        $classes = array_fill(0, count($suspects), 0);
        $count = 1;
        // Faults of parts show in no joint; what no tester parts, the part by itself does.
        foreach ([self::looks(...), self::probes(...), self::parts(...)] as $way) {
            if ($count < count($suspects)) {
                $crowd = array_filter(array_count_values($classes), fn (int $members) => $members > 1);
                $seen = array_map(fn (Suspect $suspect, int $class) => isset($crowd[$class]) ? $way($suspect) : [], $suspects, $classes);
                [$classes, $count] = $this->part($classes, $count, $seen, $suspects);
            }
        }
        $sets = [];
        foreach ($classes as $i => $class) {
            $sets[$class][] = $suspects[$i];
        }
        $this->sets = $count;
        $this->together = array_values(array_filter($sets, fn (array $set) => count($set) > 1));
    }

    /** @param  non-empty-list<Suspect>  $suspects */
    public static function of(array $suspects): self
    {
        return new self($suspects);
    }

    /**
     * @param  list<int>  $classes  set that each suspect is in so far
     * @param  list<array<string, string>>  $seen  suspect → what is seen by each test
     * @param  list<Suspect>  $suspects
     * @return array{list<int>, int}
     */
    private function part(array $classes, int $count, array $seen, array $suspects): array
    {
        $keys = array_keys(array_merge(...$seen));
        while ($count < count($suspects)) {
            [$best, $most] = ['', [$count, 0, 0]];
            foreach ($keys as $key) {
                $sets = count(array_unique(array_map(fn (int $class, array $looks) => "$class ".($looks[$key] ?? ''), $classes, $seen)));
                $weight = [$sets, $this->isOpen($key, $suspects[0]) ? 1 : 0, End::isOne($key) ? 0 : 1];
                if ($sets > $count && $weight > $most) {
                    [$best, $most] = [$key, $weight];
                }
            }
            if ($best === '') {
                break;
            }
            $this->tests[] = TellingTest::ofKey($best);
            $names = [];
            foreach ($seen as $i => $looks) {
                $classes[$i] = $names["$classes[$i] ".($looks[$best] ?? '')] ??= count($names);
            }
            $count = count($names);
        }

        return [array_values($classes), $count];
    }

    private function isOpen(string $key, Suspect $suspect): bool
    {
        $points = $suspect->right->points;
        $boxOf = fn (string $at) => $points[$at]->enclosure ?? $suspect->right->board->devices[$at]->enclosure ?? '';
        $opened = array_map(fn (TellingTest $test) => $boxOf($test->at), $this->tests);

        return in_array($boxOf(TellingTest::ofKey($key)->at), $opened, true);
    }

    /** @return array<string, string> look → what is seen */
    private static function looks(Suspect $suspect): array
    {
        $wiring = $suspect->look();
        $seen = [];
        foreach ($suspect->right->points as $id => $point) {
            if ($point->kind === PointKind::EnclosureEarth) {
                continue;
            }
            $others = array_diff($wiring->jointAt($id)->points ?? [], [$id]);
            sort($others);
            $seen[TellingTest::look($id)->key()] = implode(' ', $others).' '.($wiring->markOn($id)->value ?? '');
        }
        foreach ($wiring->fitted as $device => $model) {
            $seen[TellingTest::look((string) $device)->key()] = $model->id;
        }

        return $seen;
    }

    /** @return array<string, string> probe → what is read */
    private static function probes(Suspect $suspect): array
    {
        $circuit = $suspect->circuit();
        $survey = new Survey($circuit);
        $look = $suspect->look();
        $read = [];
        foreach ($circuit->wiring->points as $id => $point) {
            $joint = $look->jointAt($id);
            if ($point->isEarthing() || ($point->device === null && ! ($joint?->by->isConnector() ?? false))) {
                continue;
            }
            // An end that is open along its run is joined all the same: the tester reads what it is joined with.
            $others = $joint === null || ! in_array($id, $suspect->openEnds(), true)
                ? [$id]
                : array_values(array_diff($joint->points, [$id]));
            $read[TellingTest::probe($id)->key()] = $survey->nets[$circuit->nets->at($others[0])]->live ? 'live' : 'dead';
        }

        return $read;
    }

    /** @return array<string, string> part → what is wrong with it */
    private static function parts(Suspect $suspect): array
    {
        $read = [];
        foreach ($suspect->mistakes as $mistake) {
            if ($mistake->fault !== null) {
                $read[TellingTest::ohm($mistake->fault->device)->key()] = $mistake->id();
            }
        }

        return $read;
    }
}
