<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/**
 * The time before each break filled as full as it goes, station by station: which sittings go together there is a matter of sums
 * (knapsack by dynamic programming). Who is left sits wherever it is soonest, the longest first.
 */
final class BeforeBreaks
{
    /** @var list<int> indexes of claims that are not put down yet, the longest first */
    private array $left;

    /** @var list<int> */
    private array $order = [];

    /** @var list<int> */
    private array $stations = [];

    /** @param  list<Claim>  $claims */
    private function __construct(private readonly Hall $hall, private readonly array $claims)
    {
        $this->left = array_keys($claims);
        usort($this->left, fn (int $a, int $b) => [$claims[$b]->chain($hall->changeover), $a]
            <=> [$claims[$a]->chain($hall->changeover), $b]);
    }

    /**
     * @param  non-empty-list<Claim>  $claims
     * @return array{list<int>, list<int>} an order, indexes of claims; the stations of the first ones
     */
    public static function order(Hall $hall, array $claims): array
    {
        $fill = new self($hall, $claims);
        $from = min(array_map(fn (Claim $claim) => $claim->earliest, $claims));
        foreach ($hall->breaks as [$start, $end]) {
            for ($station = 0; $station < $hall->count() && $start > $from; $station++) {
                $fill->fill($station, $from, $start);
            }
            $from = max($from, $end);
        }
        $seconds = array_keys(array_filter($claims, fn (Claim $claim) => $claim->times === 2));

        return [[...$fill->order, ...$fill->left, ...$seconds], $fill->stations];
    }

    private function fill(int $station, int $from, int $until): void
    {
        $room = $until - $from + $this->hall->changeover;
        $sums = [0 => []];
        $usedOf = [];
        foreach ($this->left as $index) {
            $length = $this->claims[$index]->minutes + $this->hall->changeover;
            $usedOf[$length] ??= 0;
            if ($this->claims[$index]->earliest > $from || ++$usedOf[$length] > intdiv($room, $length)) {
                continue;
            }
            foreach ($sums as $sum => $who) {
                if ($sum + $length <= $room && ! isset($sums[$sum + $length])) {
                    $sums[$sum + $length] = [...$who, $index];
                }
            }
        }
        foreach ($sums[max(array_keys($sums))] as $index) {
            $this->order[] = $index;
            $this->stations[] = $station;
        }
        $this->left = array_values(array_diff($this->left, $sums[max(array_keys($sums))]));
    }
}
