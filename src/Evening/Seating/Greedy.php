<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/** One claim after the other, each where and when it can begin soonest. Quick; how good depends on the order. */
final class Greedy
{
    /** @var array<int, int> how often each variant was given, to give the others first */
    private array $given;

    /** @var list<Seat> */
    private array $seats = [];

    private readonly Floor $floor;

    /**
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed  station, from, to, variant
     * @param  list<int>|null  $variantAt  one variant for each station, or whichever is left
     */
    private function __construct(
        private readonly Hall $hall,
        private readonly array $claims,
        array $fixed,
        private readonly ?array $variantAt,
    ) {
        $this->given = array_fill(0, $hall->variants + 1, 0);
        $this->floor = new Floor($hall);
        foreach ($fixed as [$station, $from, $to, $variant]) {
            $this->floor->put($station, $from, $to, $variant);
        }
    }

    /**
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed
     * @param  list<int>  $order  indexes of claims, twice for those that sit twice
     * @param  list<int>  $stations  where the first ones of the order sit; the others wherever it is soonest
     * @param  list<int>|null  $variantAt
     * @return list<Seat>|null nothing where somebody comes too late for a second sitting that is fixed
     */
    public static function seat(
        Hall $hall,
        array $claims,
        array $fixed,
        array $order,
        ?array $variantAt = null,
        array $stations = [],
    ): ?array {
        $greedy = new self($hall, $claims, $fixed, $variantAt);
        $last = [];
        foreach ($order as $i => $claim) {
            $seat = $greedy->best($claim, $last[$claim] ?? null, isset($stations[$i]) ? [$stations[$i]] : array_keys($hall->ids));
            if ($seat === null || $seat->to > $claims[$claim]->latestEnd) {
                return null;
            }
            $last[$claim] = $seat;
            $greedy->take($seat);
        }

        return $greedy->seats;
    }

    private function take(Seat $seat): void
    {
        $this->floor->put($seat->station, $seat->from, $seat->to, $seat->variant);
        $this->given[$seat->variant]++;
        $this->seats[] = $seat;
    }

    /** @param  list<int>  $stations */
    private function best(int $index, ?Seat $before, array $stations): ?Seat
    {
        $claim = $this->claims[$index];
        $from = $before === null ? $claim->earliest : max($claim->earliest, $before->to + $this->hall->changeover);
        $avoid = $before === null ? $claim->avoid : $before->variant;
        $best = null;
        $price = null;
        foreach ($stations as $station) {
            // No variant can begin sooner than the station is free.
            $free = $this->floor->earliest($station, 0, $from, $claim->minutes);
            if ($price !== null && $free > $price[0]) {
                continue;
            }
            foreach ($this->variantsFor($station) as $variant) {
                if ($variant === $avoid) {
                    continue;
                }
                $at = $this->floor->earliest($station, $variant, $free, $claim->minutes);
                $asks = [$at, $this->given[$variant], $station];
                if ($price === null || $asks < $price) {
                    $price = $asks;
                    $best = new Seat($index, $station, $at, $at + $claim->minutes, $variant, $before !== null);
                }
            }
        }

        return $best;
    }

    /** @return list<int> */
    private function variantsFor(int $station): array
    {
        return $this->variantAt === null ? range(1, $this->hall->variants) : [$this->variantAt[$station]];
    }
}
