<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** Sittings → every rule of the evening that they break. */
final class Conflicts
{
    /**
     * @param  list<Sitting>  $sittings
     * @return list<Conflict>
     */
    public static function in(array $sittings, EveningDraft $evening): array
    {
        $found = [];
        foreach ($sittings as $i => $sitting) {
            foreach (self::brokenBy($sitting, $evening) as $rule) {
                $found[] = new Conflict($rule, [$sitting]);
            }
            foreach (array_slice($sittings, $i + 1) as $other) {
                foreach (self::between($sitting, $other, $evening) as $rule) {
                    $found[] = new Conflict($rule, [$sitting, $other]);
                }
            }
        }

        return [...$found, ...self::tooOften($sittings, $evening)];
    }

    /** @return list<ConflictRule> */
    private static function brokenBy(Sitting $sitting, EveningDraft $evening): array
    {
        $person = $evening->people[$sitting->person];

        return self::those([
            [ConflictRule::Break, array_filter($evening->breaks, $sitting->overlaps(...)) !== []],
            [ConflictRule::NotBefore, $sitting->from < $person->notBefore],
            [ConflictRule::TooShort, $sitting->to - $sitting->from < $person->minutes($evening->minutes)],
            [ConflictRule::Variant, $sitting->variant > $evening->variants],
        ]);
    }

    /** @return list<ConflictRule> */
    private static function between(Sitting $one, Sitting $other, EveningDraft $evening): array
    {
        $isSamePerson = $one->person === $other->person;
        $isSameStation = $one->station === $other->station;
        [$first, $second] = $one->from <= $other->from ? [$one, $other] : [$other, $one];
        $isTooClose = $second->from < $first->to + $evening->changeover;

        return self::those([
            [ConflictRule::Changeover, $isSameStation && $isTooClose],
            [ConflictRule::RetestGap, $isSamePerson && ($isTooClose || $first->isRetest)],
            [ConflictRule::RetestVariant, $isSamePerson && $one->variant === $other->variant],
            [
                ConflictRule::Neighbours,
                ! $isSameStation && $one->variant === $other->variant && $one->overlaps($other)
                    && $evening->areNeighbours($one->station, $other->station),
            ],
        ]);
    }

    /**
     * @param  list<array{ConflictRule, bool}>  $rules
     * @return list<ConflictRule>
     */
    private static function those(array $rules): array
    {
        return array_column(array_filter($rules, fn (array $rule) => $rule[1]), 0);
    }

    /**
     * @param  list<Sitting>  $sittings
     * @return list<Conflict>
     */
    private static function tooOften(array $sittings, EveningDraft $evening): array
    {
        $found = [];
        foreach ($evening->people as $person) {
            $own = array_values(array_filter($sittings, fn (Sitting $sitting) => $sitting->person === $person->id));
            if (count($own) > $evening->timesOf($person->id)) {
                $found[] = new Conflict(ConflictRule::Twice, array_slice($own, 0, 2));
            }
        }

        return $found;
    }
}
