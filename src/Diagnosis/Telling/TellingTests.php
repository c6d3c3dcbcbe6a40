<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Board\End;
use Zwindle\Board\PointKind;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Repair\Mistake\MistakenWiring;

/**
 * The looks, probes and tests of parts that tell wirings with the same table apart, the one that parts most of them first.
 *
 * A look costs less than a probe, and one in a box that is open already less than one in another box.
 */
final class TellingTests
{
    /** @var list<TellingTest> in the order in which they are to be done */
    public array $tests = [];

    /** @var list<list<MistakenWiring>> mistaken that stay together after all of them, each set of more than one */
    public readonly array $together;

    public readonly int $sets;

    /** @param  non-empty-list<MistakenWiring>  $mistaken */
    private function __construct(array $mistaken)
    {
        $classes = array_fill(0, count($mistaken), 0);
        $count = 1;
        // Faults of parts show in no joint; what no tester parts, the part by itself does.
        foreach ([self::looks(...), self::probes(...), self::parts(...)] as $way) {
            if ($count < count($mistaken)) {
                $crowd = array_filter(array_count_values($classes), fn (int $members) => $members > 1);
                $seen = array_map(fn (MistakenWiring $one, int $class) => isset($crowd[$class]) ? $way($one) : [], $mistaken, $classes);
                [$classes, $count] = $this->part($classes, $count, $seen, $mistaken);
            }
        }
        $sets = [];
        foreach ($classes as $i => $class) {
            $sets[$class][] = $mistaken[$i];
        }
        $this->sets = $count;
        $this->together = array_values(array_filter($sets, fn (array $set) => count($set) > 1));
    }

    /** @param  non-empty-list<MistakenWiring>  $mistaken */
    public static function of(array $mistaken): self
    {
        return new self($mistaken);
    }

    /**
     * @param  list<int>  $classes  set that each wiring is in so far
     * @param  list<array<string, string>>  $seen  wiring → what is seen by each test
     * @param  list<MistakenWiring>  $mistaken
     * @return array{list<int>, int}
     */
    private function part(array $classes, int $count, array $seen, array $mistaken): array
    {
        $keys = array_keys(array_merge(...$seen));
        while ($count < count($mistaken)) {
            [$best, $most] = ['', [$count, 0, 0]];
            foreach ($keys as $key) {
                $sets = count(array_unique(array_map(fn (int $class, array $looks) => "$class ".($looks[$key] ?? ''), $classes, $seen)));
                $weight = [$sets, $this->isOpen($key, $mistaken[0]) ? 1 : 0, End::isOne($key) ? 0 : 1];
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

    private function isOpen(string $key, MistakenWiring $one): bool
    {
        $points = $one->right->points;
        $boxOf = fn (string $at) => $points[$at]->enclosure ?? $one->right->board->devices[$at]->enclosure ?? '';
        $opened = array_map(fn (TellingTest $test) => $boxOf($test->at), $this->tests);

        return in_array($boxOf(TellingTest::ofKey($key)->at), $opened, true);
    }

    /** @return array<string, string> look → what is seen */
    private static function looks(MistakenWiring $one): array
    {
        $wiring = $one->look();
        $seen = [];
        foreach ($one->right->points as $id => $point) {
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
    private static function probes(MistakenWiring $one): array
    {
        $circuit = $one->circuit();
        $survey = new Survey($circuit);
        $look = $one->look();
        $read = [];
        foreach ($circuit->wiring->points as $id => $point) {
            $joint = $look->jointAt($id);
            if ($point->isEarthing() || ($point->device === null && ! ($joint?->by->isConnector() ?? false))) {
                continue;
            }
            // An end that is open along its run is joined all the same: the tester reads what it is joined with.
            $others = $joint === null || ! in_array($id, $one->openEnds(), true)
                ? [$id]
                : array_values(array_diff($joint->points, [$id]));
            $read[TellingTest::probe($id)->key()] = $survey->nets[$circuit->nets->at($others[0])]->live ? 'live' : 'dead';
        }

        return $read;
    }

    /** @return array<string, string> part → what is wrong with it */
    private static function parts(MistakenWiring $one): array
    {
        $read = [];
        foreach ($one->mistakes as $mistake) {
            if ($mistake->fault !== null) {
                $read[TellingTest::ohm($mistake->fault->device)->key()] = $mistake->id();
            }
        }

        return $read;
    }
}
