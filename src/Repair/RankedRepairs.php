<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Repairs of one wiring in the order in which they are given: those first that end in the best verdict, then those that leave
 * nothing the wrong way round, then those that undo usual mistakes, one rather than two, with fewer remarks, in fewer boxes,
 * colour with colour. None is given that turns something the wrong way round where another does not.
 */
final readonly class RankedRepairs
{
    /** @param  list<array{verdict: Verdict, repair: Repair}>  $inOrder */
    private function __construct(private array $inOrder)
    {
    }

    /** @param  list<non-empty-list<Move>>  $found */
    public static function of(Wiring $wiring, array $found, CodeEdition $edition): self
    {
        $before = WrongWayRound::in($wiring);
        $ranked = [];
        foreach ($found as $moves) {
            $after = Mover::make($wiring, $moves);
            $result = Checker::check($after, $edition);
            $turned = WrongWayRound::in($after);
            $repair = new Repair($moves, Causes::of($after, $wiring));
            $ranked[] = [
                'makes' => count(array_diff($turned, $before)),
                'verdict' => $result->verdict,
                'rank' => [
                    $result->verdict === Verdict::Pass ? 0 : 1,
                    count($turned),
                    $repair->undoes === [] ? PHP_INT_MAX : count($repair->undoes),
                    RemarkCount::in($result)->total(),
                    self::boxes($wiring, $moves),
                    Naturalness::mixedColours($after),
                ],
                'repair' => $repair,
            ];
        }
        $fewestMade = min([PHP_INT_MAX, ...array_column($ranked, 'makes')]);
        $ranked = array_values(array_filter($ranked, fn (array $one) => $one['makes'] === $fewestMade));
        usort($ranked, fn (array $one, array $other) => $one['rank'] <=> $other['rank']);

        return new self(array_map(fn (array $one) => ['verdict' => $one['verdict'], 'repair' => $one['repair']], $ranked));
    }

    /** @return list<Repair> */
    public function all(): array
    {
        return array_column($this->inOrder, 'repair');
    }

    /** What the board is after the first of them; null where there is none. */
    public function bestVerdict(): ?Verdict
    {
        return $this->inOrder[0]['verdict'] ?? null;
    }

    /** @param  list<Move>  $moves */
    private static function boxes(Wiring $wiring, array $moves): int
    {
        return count(array_unique(array_map(
            fn (Move $move) => $wiring->points[(string) $move->point]->enclosure
                ?? $wiring->board->devices[(string) $move->device]->enclosure
                ?? '',
            $moves,
        )));
    }
}
