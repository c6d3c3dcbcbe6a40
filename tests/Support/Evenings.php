<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\Pause;
use Zwindle\Evening\Person;
use Zwindle\Evening\Sitting;
use Zwindle\Evening\Station;

/** Evenings to plan, and two things written apart from the planner: the rules of the contract, and a search by brute force. */
final class Evenings
{
    /** So many people who are alike at so many stations in a row. */
    public static function plain(int $people, int $stations, int $variants = 4, int $minutes = 15, int $changeover = 3): EveningDraft
    {
        return new EveningDraft('Practical', self::people($people), self::row($stations), $minutes, $changeover, $variants);
    }

    /** @return array<string, Person> */
    public static function people(int $count, int $extraEvery = 0): array
    {
        $people = [];
        for ($i = 1; $i <= $count; $i++) {
            $people["P$i"] = new Person("P$i", "Person $i", $extraEvery > 0 && $i % $extraEvery === 0 ? 25 : 0);
        }

        return $people;
    }

    /** @return array<string, Station> */
    public static function row(int $count): array
    {
        $stations = [];
        for ($i = 1; $i <= $count; $i++) {
            $stations["T$i"] = new Station("T$i", "Station $i", $i > 1 ? ['T'.($i - 1)] : []);
        }

        return $stations;
    }

    /** Everything that can be asked for, by chance. */
    public static function random(int $seed, int $mostSittings): EveningDraft
    {
        mt_srand($seed);
        $one = fn (array $of) => $of[mt_rand(0, count($of) - 1)];
        $count = mt_rand(1, $mostSittings);
        $people = [];
        for ($i = 1; $i <= $count; $i++) {
            $people["P$i"] = new Person("P$i", "Person $i", $one([0, 0, 25, 33, 100]), $one([0, 0, 0, 5, 12]));
        }
        $variants = mt_rand(1, 3);
        $retests = [];
        foreach (array_keys($people) as $id) {
            if ($variants > 1 && count($people) + count($retests) < $mostSittings && mt_rand(0, 3) === 0) {
                $retests[] = $id;
            }
        }
        $stations = [];
        for ($i = 1, $many = mt_rand(1, 3); $i <= $many; $i++) {
            $stations["T$i"] = new Station("T$i", "Station $i", array_filter(
                array_map(fn (int $j) => "T$j", range(1, max(1, $i - 1))),
                fn (string $id) => $id !== "T$i" && mt_rand(0, 1) === 1,
            ));
        }
        $from = mt_rand(3, 40);
        $breaks = mt_rand(0, 1) === 1 ? [new Pause($from, $from + mt_rand(3, 15))] : [];

        return new EveningDraft('By chance', $people, $stations, mt_rand(4, 16), mt_rand(0, 4), $variants, $retests, $breaks);
    }

    /**
     * The rules of the contract, read again from its text.
     *
     * @param  list<Sitting>  $sittings
     * @return list<string>
     */
    public static function broken(array $sittings, EveningDraft $evening): array
    {
        $broken = [];
        $of = [];
        foreach ($sittings as $i => $a) {
            $of[$a->person][] = $a;
            $person = $evening->people[$a->person];
            $long = (int) ceil($evening->minutes * (100 + $person->extraPercent) / 100);
            if ($a->to - $a->from !== $long || $a->from < $person->notBefore || $a->variant < 1 || $a->variant > $evening->variants) {
                $broken[] = "time of $a->person";
            }
            foreach ($evening->breaks as $break) {
                if ($a->from < $break->to && $break->from < $a->to) {
                    $broken[] = "break of $a->person";
                }
            }
            foreach (array_slice($sittings, $i + 1) as $b) {
                if ($a->station === $b->station
                    && $a->from < $b->to + $evening->changeover && $b->from < $a->to + $evening->changeover) {
                    $broken[] = "changeover at $a->station";
                }
                $areSideBySide = in_array($b->station, $evening->stations[$a->station]->nextTo, true)
                    || in_array($a->station, $evening->stations[$b->station]->nextTo, true);
                if ($areSideBySide && $a->variant === $b->variant && $a->from < $b->to && $b->from < $a->to) {
                    $broken[] = "variants of $a->person and $b->person";
                }
            }
        }
        foreach ($evening->people as $id => $person) {
            $own = $of[$id] ?? [];
            usort($own, fn (Sitting $a, Sitting $b) => $a->from <=> $b->from);
            $isRetested = in_array($id, $evening->retests, true);
            if (array_map(fn (Sitting $sitting) => $sitting->isRetest, $own) !== ($isRetested ? [false, true] : [false])) {
                $broken[] = "number of $id";
            } elseif ($isRetested
                && ($own[1]->from < $own[0]->to + $evening->changeover || $own[0]->variant === $own[1]->variant)) {
                $broken[] = "retest of $id";
            }
        }

        return $broken;
    }

    /** The soonest end by trying every person, station, variant and minute, in every order: for very few sittings. */
    public static function soonest(EveningDraft $evening): int
    {
        $left = array_map(fn (Person $person) => $evening->timesOf($person->id), $evening->people);
        for ($end = 0; ; $end++) {
            if (self::canEndBy($evening, $left, [], $end, 0)) {
                return $end;
            }
        }
    }

    /**
     * @param  array<string, int>  $left
     * @param  list<Sitting>  $sat
     */
    private static function canEndBy(EveningDraft $evening, array $left, array $sat, int $end, int $from): bool
    {
        if (array_sum($left) === 0) {
            return true;
        }
        foreach ($left as $id => $times) {
            $person = $evening->people[$id];
            $minutes = (int) ceil($evening->minutes * (100 + $person->extraPercent) / 100);
            for ($at = $from; $times > 0 && $at + $minutes <= $end; $at++) {
                foreach (array_keys($evening->stations) as $station) {
                    for ($variant = 1; $variant <= $evening->variants; $variant++) {
                        $isRetest = $times < $evening->timesOf($id);
                        $sitting = new Sitting($id, $station, $at, $at + $minutes, $variant, $isRetest);
                        if (self::isAllowed($sitting, $sat, $evening)
                            && self::canEndBy($evening, [$id => $times - 1] + $left, [...$sat, $sitting], $end, $at)) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /** @param  list<Sitting>  $sat */
    private static function isAllowed(Sitting $new, array $sat, EveningDraft $evening): bool
    {
        $faults = array_filter(
            self::broken([...$sat, $new], $evening),
            fn (string $fault) => ! str_starts_with($fault, 'number'),
        );

        return $faults === [];
    }
}
