<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Board\PointKind;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\LoggedAct;

/**
 * What each measurement was worth: the information it gained about which repair it takes, beside the best one that was open.
 *
 * A measurement is a box opened, a flip or the supply switched on, a reading. Proving dead is safety and is not weighed. What counts
 * is what a measurement could be expected to tell for what it costs, not whether one was lucky with it.
 */
final class Measuring
{
    /** What each costs in time and trouble: a flip is a flip, a cover off is a box to look all through. */
    private const COST = ['flip' => 0.4, 'reset' => 0.4, 'live' => 1.1, 'live-shut' => 1.5, 'box' => 2.2];

    /** Where the best one gains less, nothing was left to find out. */
    private const LEAST_BITS = 0.01;

    private const NOTHING = 1e-6;

    /** Measurements that are weighed: whoever takes more has learned enough. */
    private const MOST = 60;

    private const MOST_BEST = 8;

    /** @var list<string> */
    private array $opened = [];

    /** Whether what had tripped is still down: neither a flip nor a probe shows anything until it is on again. */
    private bool $isDown;

    private PossibleFaults $possible;

    private readonly PossibleBoard $true;

    private readonly Circuit $circuit;

    private function __construct(private readonly FaultyBoard $truth)
    {
        $this->possible = PossibleFaults::of($truth);
        $this->true = new PossibleBoard($truth);
        $this->circuit = $truth->circuit();
        $this->isDown = $truth->foundDown() !== null;
    }

    /**
     * @param  BoardUnderTest  $begun  how the board stood before the first act
     * @param  list<LoggedAct>  $log
     * @return list<Worth> up to the first that was named or put right; without what was measured when nothing was left to find out
     */
    public static function weigh(FaultyBoard $truth, BoardUnderTest $begun, array $log): array
    {
        $measuring = new self($truth);
        $worths = [];
        $hands = $truth->untouched()->hands();
        $proof = $begun;
        if ($hands->look($begun)->isLive) {
            // What the light does as one comes in is seen without doing anything.
            $measuring->take($measuring->shown('flip', '', $begun->state));
        }
        foreach ($log as $i => $logged) {
            if ($logged->act->kind->isNaming() || $logged->act->kind->isHandIn() || count($worths) >= self::MOST) {
                break;
            }
            if (self::isMeasurement($logged)) {
                $worths[] = $measuring->worth($i, $proof, $logged->act);
            }
            $proof = $hands->do($proof, $logged->act)->after;
        }

        return array_values(array_filter($worths, fn (Worth $worth) => $worth->best > self::LEAST_BITS));
    }

    /** @return list<Worth> the shortest way to the repair, the best measurement each time, and what it showed */
    public static function best(FaultyBoard $truth): array
    {
        $measuring = new self($truth);
        $path = [];
        $state = 0;
        $measuring->isDown || $measuring->take($measuring->shown('flip', '', $state));
        for ($i = 0; $i < self::MOST_BEST && $measuring->possible->open() > 1; $i++) {
            [$worth, $test, $bits] = $measuring->bestOpen($state);
            if ($bits <= self::NOTHING) {
                break;
            }
            [$kind, $at] = $test;
            $measuring->isDown = $measuring->isDown && $kind !== 'reset';
            $state = $kind === 'flip' ? $state ^ $measuring->bitOf($at) : $state;
            $measuring->take($measuring->shown($kind, $at, $state));
            $box = match ($kind) {
                'flip', 'reset' => null,
                'box' => $at,
                default => $measuring->boxOf($at),
            };
            if ($box !== null && ! in_array($box, $measuring->opened, true)) {
                // Who probes in a box sees what is in it.
                $measuring->opened[] = $box;
                $measuring->take($measuring->shown('box', $box, $state));
            }
            $path[] = new Worth($i, $bits, $worth, $worth, $test, $measuring->possible->open());
        }

        return $path;
    }

    /**
     * How well it was measured: what each measurement was worth, on average, times how much of what could be found out they found out.
     * Flips to see the complaint for oneself cost nothing. Who took none has earned nothing.
     *
     * @param  list<LoggedAct>  $log
     * @param  list<Worth>  $worths  of the same log, as weighed
     */
    public static function share(FaultyBoard $truth, array $log, array $worths): float
    {
        if (! self::wasTaken($log)) {
            return 0.0;
        }
        $counted = array_filter($worths, fn (Worth $worth) => ! $worth->isFlip || $worth->share() >= 1.0);
        $average = $counted === []
            ? 1.0
            : array_sum(array_map(fn (Worth $worth) => $worth->share(), $counted)) / count($counted);

        return $average * self::toldShare($truth, $worths);
    }

    /**
     * Whether anything was measured before the first fault was named: a cover off, a flip, a reading, the supply on again.
     *
     * @param  list<LoggedAct>  $log
     */
    public static function wasTaken(array $log): bool
    {
        foreach ($log as $logged) {
            if ($logged->act->kind->isNaming()) {
                return false;
            }
            if (self::isMeasurement($logged)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What was found out, of what could be: by the halvings of the repairs that were open.
     *
     * @param  list<Worth>  $worths
     */
    private static function toldShare(FaultyBoard $truth, array $worths): float
    {
        $measuring = new self($truth);
        $measuring->isDown || $measuring->take($measuring->shown('flip', '', 0));
        $open = $measuring->possible->open();
        $best = self::best($truth);
        $least = $best === [] ? $open : end($best)->left;
        $left = $worths === [] ? $open : end($worths)->left;

        return $open <= $least ? 1.0 : min(1.0, log($open / $left) / log($open / $least));
    }

    private static function isMeasurement(LoggedAct $logged): bool
    {
        $isProvingDead = $logged->ownOff && $logged->act->touch?->with === InstrumentKind::TwoPole;

        return in_array($logged->act->kind, [ActKind::OpenBox, ActKind::Flip, ActKind::TurnOn], true)
            || ($logged->act->kind === ActKind::Touch && ! $isProvingDead);
    }

    private function worth(int $i, BoardUnderTest $proof, Act $act): Worth
    {
        [$best, $test] = $this->bestOpen($proof->state);
        $box = (string) $act->on;
        $shown = $act->kind === ActKind::OpenBox
            ? fn (PossibleBoard $board): string => $board->inside($box)
            : fn (PossibleBoard $board): string => $board->shown($proof, $act);
        $bits = $this->possible->told($shown);
        $ahead = $this->isDown && $act->kind === ActKind::TurnOn ? $this->worthOnceOn($proof->state) : 0.0;
        $this->take($shown);
        $act->kind === ActKind::OpenBox && $this->opened[] = $box;
        $this->isDown = $this->isDown && $act->kind !== ActKind::TurnOn;

        $worth = max($ahead, $bits / self::COST[match ($act->kind) {
            ActKind::OpenBox => 'box',
            ActKind::Touch => 'live',
            default => 'flip',
        }]);

        return new Worth($i, $bits, $worth, max($best, $worth), $test, $this->possible->open(), $act->kind === ActKind::Flip);
    }

    /** @param  callable(PossibleBoard): string  $shown */
    private function take(callable $shown): void
    {
        $this->possible->keep($shown, $shown($this->true));
    }

    /** @return array{float, array{string, string}, float} what it is worth, what it is, and its bits */
    private function bestOpen(int $state): array
    {
        $best = [0.0, ['', ''], 0.0];
        foreach ($this->open() as [$kind, $at]) {
            $then = $kind === 'flip' ? $state ^ $this->bitOf($at) : $state;
            $bits = $this->possible->told($this->shown($kind, $at, $then));
            $isShut = $kind === 'live' && ! in_array($this->boxOf($at), $this->opened, true);
            $worth = max($kind === 'reset' ? $this->worthOnceOn($state) : 0.0, $bits / self::COST[$isShut ? 'live-shut' : $kind]);
            if ($worth > $best[0]) {
                $best = [$worth, [$kind, $at], $bits];
            }
        }

        return $best;
    }

    /** What the best flip is worth that comes after what had tripped is on again: who switches on may flip. */
    private function worthOnceOn(int $state): float
    {
        $flips = array_map(
            fn (string $switch) => $this->possible->told($this->shown('flip', $switch, $state ^ $this->bitOf($switch))),
            $this->circuit->switches,
        );

        return max([0.0, ...$flips]) / (self::COST['reset'] + self::COST['flip']);
    }

    /** @return callable(PossibleBoard): string */
    private function shown(string $kind, string $at, int $state): callable
    {
        return match ($kind) {
            'box' => fn (PossibleBoard $board): string => $board->inside($at),
            'flip', 'reset' => fn (PossibleBoard $board): string => $board->lit($state),
            default => fn (PossibleBoard $board): string => $board->isEverLive($at),
        };
    }

    /** @return iterable<array{string, string}> what had tripped on again, a flip, a box that is shut, a point to be probed */
    private function open(): iterable
    {
        foreach (array_diff(array_keys($this->truth->right->board->boxes()), $this->opened) as $box) {
            yield ['box', $box];
        }
        if ($this->isDown) {
            yield ['reset', ''];

            return;
        }
        foreach ($this->circuit->switches as $switch) {
            yield ['flip', $switch];
        }
        foreach ($this->truth->right->points as $id => $point) {
            if ($point->kind !== PointKind::EnclosureEarth && ! $point->isEarthing()) {
                yield ['live', $id];
            }
        }
    }

    private function boxOf(string $point): string
    {
        return $this->truth->right->points[$point]->enclosure;
    }

    private function bitOf(string $switch): int
    {
        return $this->circuit->bitOf((int) array_search($switch, $this->circuit->switches, true));
    }
}
