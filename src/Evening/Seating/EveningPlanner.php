<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

use LogicException;
use Zwindle\Evening\Conflicts;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Sitting;

/**
 * An evening → who sits when, where and on which variant, so that the last sitting ends as soon as it can. Up to twelve
 * sittings the plan is proved the shortest; of more, it is a good one, with a proved bound beside it.
 */
final class EveningPlanner
{
    /** Up to so many sittings every way is tried to the end. */
    private const PROVED = 12;

    private const MOST_LOOKS = 100_000;

    /** Up to so many a search is worth a little; beyond, quick tries are all there is. */
    private const SEARCHED = 40;

    private const FEW_LOOKS = 1_500;

    /** So much of one quick try after the other, in sittings times stations. */
    private const QUICK_WORK = 50_000;

    public static function plan(EveningDraft $evening): EveningPlan|NoEvening
    {
        $claims = Claims::of($evening);
        if ($evening->people !== [] && $evening->stations === []) {
            return NoEvening::NoStation;
        }
        if ($evening->variants < 2 && array_filter($claims, fn (Claim $claim) => $claim->times > 1 || $claim->avoid > 0) !== []) {
            return NoEvening::OneVariant;
        }
        $hall = Hall::of($evening);
        $place = array_flip($hall->ids);
        $fixed = array_map(
            fn (Sitting $sitting) => [$place[$sitting->station], $sitting->from, $sitting->to, $sitting->variant],
            $evening->fixed,
        );
        $claims = self::relaxed($claims, $hall, $fixed);
        [$seats, $atLeast] = $claims === [] ? [[], self::endOf([], $fixed)] : self::seat($claims, $hall, $fixed);
        $sittings = [...$evening->fixed, ...array_map(
            fn (Seat $seat) => new Sitting(
                $claims[$seat->claim]->person,
                $hall->ids[$seat->station],
                $seat->from,
                $seat->to,
                $seat->variant,
                $seat->isSecond || ($claims[$seat->claim]->avoid > 0 && $claims[$seat->claim]->latestEnd === PHP_INT_MAX),
            ),
            $seats,
        )];
        usort($sittings, fn (Sitting $a, Sitting $b) => [$a->from, $place[$a->station]] <=> [$b->from, $place[$b->station]]);

        return new EveningPlan(
            $sittings,
            self::endOf($seats, $fixed),
            $atLeast,
            $evening->fixed === [] ? [] : Conflicts::in($sittings, $evening),
        );
    }

    /**
     * Who cannot be done before a second sitting that is fixed sits after it: the rule that this breaks is named.
     *
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed
     * @return list<Claim>
     */
    private static function relaxed(array $claims, Hall $hall, array $fixed): array
    {
        $bound = array_keys(array_filter($claims, fn (Claim $claim) => $claim->latestEnd < PHP_INT_MAX));
        usort($bound, fn (int $a, int $b) => $claims[$a]->latestEnd <=> $claims[$b]->latestEnd);
        $inTime = [];
        foreach ($bound as $index) {
            $inTime = Greedy::seat($hall, $claims, $fixed, [...$inTime, $index]) === null ? $inTime : [...$inTime, $index];
        }

        return array_map(fn (int $index, Claim $claim) => $claim->latestEnd === PHP_INT_MAX || in_array($index, $inTime, true)
            ? $claim
            : $claim->afterAll(), array_keys($claims), $claims);
    }

    /**
     * @param  non-empty-list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed
     * @return array{list<Seat>, int} seats, and a proved bound
     */
    private static function seat(array $claims, Hall $hall, array $fixed): array
    {
        $atOnce = $hall->mostAtOnce();
        $bound = (new Bound($hall, $atOnce))->of($claims, $fixed);
        $count = array_sum(array_map(fn (Claim $claim) => $claim->times, $claims));
        $isSmall = $count <= self::PROVED;
        $best = self::quick($claims, $hall, $fixed, $bound, $isSmall ? 4 : max(2, intdiv(self::QUICK_WORK, $count * $hall->count())));
        $looks = $isSmall ? self::MOST_LOOKS : intdiv(self::FEW_LOOKS * self::PROVED, $count);
        // First as if variants never stood in the way, which they often do not; if they may, the result is a bound.
        foreach ($count > self::SEARCHED ? [] : [true, false] as $areStationsAlike) {
            $end = self::endOf($best, $fixed);
            if ($end <= $bound || ($areStationsAlike && $fixed !== [])) {
                continue;
            }
            [$better, $isDone] = Exhaustive::seat($hall, $claims, $fixed, $end, $bound, $looks, $atOnce, $areStationsAlike);
            $withVariants = $better === null ? $best : self::withVariants($better, $claims, $hall);
            $best = $withVariants ?? $best;
            $bound = $isDone ? self::endOf($better ?? $best, $fixed) : $bound;
        }

        return [$best, $bound];
    }

    /**
     * @param  non-empty-list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed
     * @return list<Seat>
     */
    private static function quick(array $claims, Hall $hall, array $fixed, int $bound, int $atRandom): array
    {
        $oneEach = $hall->hasVariantsToSpare() ? null : $hall->fixedVariants();
        $variants = $oneEach === null ? [null] : [null, $oneEach];
        $best = null;
        foreach (self::orders($claims, $hall, $atRandom) as [$order, $stations]) {
            foreach ($variants as $variantAt) {
                $seats = Greedy::seat($hall, $claims, $fixed, $order, $variantAt, $stations);
                if ($seats !== null && ($best === null || self::endOf($seats, $fixed) < self::endOf($best, $fixed))) {
                    $best = $seats;
                }
            }
            if ($best !== null && self::endOf($best, $fixed) <= $bound) {
                break;
            }
        }

        return $best ?? throw new LogicException('The first order seats everybody.');
    }

    /**
     * @param  non-empty-list<Claim>  $claims
     * @return iterable<array{list<int>, list<int>}> indexes of claims, and the stations of the first ones
     */
    private static function orders(array $claims, Hall $hall, int $atRandom): iterable
    {
        $orders = Orders::of($claims, $hall->changeover, $atRandom);
        yield [$orders->current(), []];
        if ($hall->breaks !== []) {
            yield BeforeBreaks::order($hall, $claims);
        }
        for ($orders->next(); $orders->valid(); $orders->next()) {
            yield [$orders->current(), []];
        }
    }

    /**
     * @param  list<Seat>  $seats
     * @param  list<Claim>  $claims
     * @return list<Seat>|null nothing where variants are too few for these times
     */
    private static function withVariants(array $seats, array $claims, Hall $hall): ?array
    {
        if (array_filter($seats, fn (Seat $seat) => $seat->variant < 1) === []) {
            return $seats;
        }

        return SpareVariants::give($seats, $hall, $hall->hasVariantsToSpare() ? null : $hall->fixedVariants());
    }

    /**
     * @param  list<Seat>  $seats
     * @param  list<array{int, int, int, int}>  $fixed
     */
    private static function endOf(array $seats, array $fixed): int
    {
        return max([0, ...array_map(fn (Seat $seat) => $seat->to, $seats), ...array_column($fixed, 2)]);
    }
}
