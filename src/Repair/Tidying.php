<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use WeakMap;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Result;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\MovesInTurn;

/**
 * The fewest moves after which a wiring that works has only those remarks left that no move removes.
 *
 * What no move removes is what the nearest plan has too: a box that is too small, a dispute where nothing else can be wired.
 * Each remark is put right where it is; where that does not do, what lies between the wiring and the plan is cut down.
 */
final class Tidying
{
    private const MOST_TOLD = 10;

    /** Ways to put all remarks right on the spot that are tried. */
    private const MOST_CHOICES = 200;

    /** States that may be walked in all. */
    private const MOST_STATES = 60_000;

    private const LEAST_CHECKS = 12;

    /** @var WeakMap<Evidence, list<non-empty-list<Move>>>|null */
    private static ?WeakMap $known = null;

    private readonly TriedMoves $tried;

    private readonly Wiring $wiring;

    private readonly ?RemarkCount $left;

    private function __construct(private readonly Result $result, private readonly ?NearestPlan $nearest)
    {
        $this->wiring = $result->evidence->wiring;
        $this->left = $nearest === null ? null : RemarkCount::in($nearest->plan->result);
        $checks = max(self::LEAST_CHECKS, intdiv(self::MOST_STATES, $result->evidence->table->count()));
        $this->tried = new TriedMoves($result, $checks);
    }

    /**
     * Worked out once for each check.
     *
     * @return list<non-empty-list<Move>> equally small; empty where the wiring fails, or has no remark that a move removes
     */
    public static function of(Result $result): array
    {
        self::$known ??= new WeakMap;

        return self::$known[$result->evidence] ??= self::workedOut($result);
    }

    /** @return list<non-empty-list<Move>> */
    private static function workedOut(Result $result): array
    {
        $now = RemarkCount::in($result);
        if ($result->failsByItself() || $now->total() === 0) {
            return [];
        }
        $tidying = new self($result, NearestPlan::of($result));
        if ($tidying->left !== null && $now->isWithin($tidying->left)) {
            return [];
        }
        $found = $tidying->left === null
            ? $tidying->asFarAsItGoes($now)
            : $tidying->smallest([...$tidying->onTheSpot(), ...$tidying->towardsPlan()]);

        return array_slice($found, 0, self::MOST_TOLD);
    }

    /**
     * Every remark put right where it is.
     *
     * @return list<non-empty-list<Move>>
     */
    private function onTheSpot(): array
    {
        $choices = [[]];
        foreach ($this->removable() as $remark) {
            $remedies = (new Remedies($this->result))->of($remark);
            if ($remedies === []) {
                return [];
            }
            $more = [];
            foreach ($choices as $choice) {
                foreach ($remedies as $moves) {
                    $more[] = [...$choice, ...$moves];
                }
            }
            $choices = count($more) > self::MOST_CHOICES
                ? array_map(fn (array $choice) => [...$choice, ...$remedies[0]], $choices)
                : $more;
        }
        usort($choices, fn (array $one, array $other) => count($one) <=> count($other));
        $found = [];
        foreach ($choices as $choice) {
            if ($found !== [] && count($choice) > count($found[0])) {
                break;
            }
            if ($choice !== [] && $this->isTidy($choice)) {
                $found[] = $choice;
            }
        }

        return $found;
    }

    /** @return list<Finding> remarks of codes of which the plan has fewer */
    private function removable(): array
    {
        return array_values(array_filter(
            $this->result->findings,
            fn (Finding $finding) => RemarkCount::isRemark($finding) && ($this->left->byCode[$finding->code->value] ?? 0) === 0,
        ));
    }

    /** @return list<non-empty-list<Move>> */
    private function towardsPlan(): array
    {
        $moves = $this->nearest?->allMoves() ?? [];
        if ($moves === [] || ! $this->isTidy($moves)) {
            return [];
        }
        foreach ([$this->byBox($moves), array_map(fn (int $i) => [$i], array_keys($moves))] as $groups) {
            $moves = TriedMoves::cutDown($moves, $groups, $this->isTidy(...));
        }

        return [array_values($moves)];
    }

    /**
     * @param  list<Move>  $moves
     * @return list<list<int>> places of the moves of each box
     */
    private function byBox(array $moves): array
    {
        $boxes = [];
        foreach ($moves as $i => $move) {
            $boxes[$this->wiring->points[(string) $move->point]->enclosure ?? ''][] = $i;
        }

        return array_values($boxes);
    }

    /**
     * @param  list<non-empty-list<Move>>  $found
     * @return list<non-empty-list<Move>>
     */
    private function smallest(array $found): array
    {
        $said = [];
        foreach ($found as $moves) {
            $moves = MovesInTurn::said($this->wiring, $moves);
            $keys = array_map(fn (Move $move) => $move->key(), $moves);
            sort($keys);
            $said += $moves === [] ? [] : [implode('; ', $keys) => $moves];
        }
        $fewest = min([PHP_INT_MAX, ...array_map(count(...), array_values($said))]);
        $said = array_values(array_filter($said, fn (array $moves) => count($moves) === $fewest));
        usort($said, fn (array $one, array $other) => $this->terminalsIn($one) <=> $this->terminalsIn($other));

        return $said;
    }

    /**
     * Conductors are moved rather than the terminals that they are on.
     *
     * @param  list<Move>  $moves
     */
    private function terminalsIn(array $moves): int
    {
        return count(array_filter($moves, fn (Move $move) => ($this->wiring->points[(string) $move->point] ?? null)?->isFixed() ?? false));
    }

    /**
     * Where no plan says what can be had: whatever takes a remark away and brings no other.
     *
     * @return list<non-empty-list<Move>>
     */
    private function asFarAsItGoes(RemarkCount $now): array
    {
        $moves = [];
        foreach ($this->removable() as $remark) {
            foreach ((new Remedies($this->result))->of($remark) as $remedy) {
                $result = $this->tried->after([...$moves, ...$remedy]);
                $count = $result === null || $result->failsByItself() ? null : RemarkCount::in($result);
                if ($count !== null && $count->isWithin($now) && $count->total() < $now->total()) {
                    [$moves, $now] = [[...$moves, ...$remedy], $count];
                    break;
                }
            }
        }

        return $this->smallest($moves === [] ? [] : [$moves]);
    }

    /** @param  list<Move>  $moves */
    private function isTidy(array $moves): bool
    {
        $result = $this->tried->after($moves);

        return $result !== null
            && $this->left !== null
            && ! $result->failsByItself()
            && RemarkCount::in($result)->isWithin($this->left);
    }
}
