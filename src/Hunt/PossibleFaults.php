<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Diagnosis\Information;
use Zwindle\Diagnosis\Likelihood;
use Zwindle\Diagnosis\Mending;
use Zwindle\Repair\Mistake\Mistakes;

/** The faults that a board may have, by what is known of it so far. */
final class PossibleFaults
{
    /** Of two faults at once a sample stands for all: there are thousands. */
    private const PAIRS = 120;

    /** @var array<int, PossibleBoard> */
    private array $left;

    /** @var array<int, float> */
    private array $weights = [];

    /** @var array<int, string> */
    private array $repairs = [];

    /** @param  list<FaultyBoard>  $boards */
    private function __construct(array $boards)
    {
        $this->left = array_map(fn (FaultyBoard $board) => new PossibleBoard($board), $boards);
    }

    /** Every single usual fault that a customer would tell of alike; where several are in it, the truth and others like it too. */
    public static function of(FaultyBoard $truth): self
    {
        $mistakes = Mistakes::toBeFoundOn($truth->right);
        $boards = array_map(fn (int $i) => new FaultyBoard($truth->right, [$i => $mistakes[$i]]), array_keys($mistakes));
        if (count($truth->faults) > 1) {
            $boards = [...$boards, $truth, ...self::pairs($truth, $mistakes)];
        }
        // What is down at the supply is seen by whoever comes in.
        $told = fn (FaultyBoard $board): array => [Symptom::of($board->suspect), $board->foundDown()];
        $own = $told($truth);
        $alike = array_values(array_filter($boards, fn (FaultyBoard $board) => $told($board) === $own));
        $possible = new self($alike);
        $likelihood = new Likelihood([], $mistakes);
        foreach ($alike as $i => $board) {
            $possible->weights[$i] = $likelihood->of($board->suspect);
            $possible->repairs[$i] = Mending::name($board->suspect);
        }

        return $possible;
    }

    /** Repairs that are still open. */
    public function open(): int
    {
        return count(array_unique(array_intersect_key($this->repairs, $this->left)));
    }

    /**
     * What something gains, in bits.
     *
     * @param  callable(PossibleBoard): string  $shown  what it shows of a board
     */
    public function told(callable $shown): float
    {
        $parts = [];
        foreach ($this->left as $i => $board) {
            $parts[$shown($board)][] = $i;
        }

        return count($parts) < 2
            ? 0.0
            : Information::told($parts, array_intersect_key($this->weights, $this->left), $this->repairs);
    }

    /** @param  callable(PossibleBoard): string  $shown */
    public function keep(callable $shown, string $seen): void
    {
        $this->left = array_filter($this->left, fn (PossibleBoard $board) => $shown($board) === $seen);
    }

    /**
     * @param  list<\Zwindle\Repair\Mistake\Mistake>  $mistakes
     * @return list<FaultyBoard>
     */
    private static function pairs(FaultyBoard $truth, array $mistakes): array
    {
        $count = count($mistakes);
        $pairs = [];
        // Evenly over all of them.
        $stride = max(1, intdiv($count * ($count - 1), 2 * self::PAIRS));
        $number = 0;
        for ($one = 0; $one < $count; $one++) {
            for ($other = $one + 1; $other < $count; $other++) {
                if ($number++ % $stride === 0 && ! $mistakes[$one]->clashesWith($mistakes[$other])) {
                    $pairs[] = new FaultyBoard($truth->right, [$one => $mistakes[$one], $other => $mistakes[$other]]);
                }
            }
        }

        return $pairs;
    }
}
