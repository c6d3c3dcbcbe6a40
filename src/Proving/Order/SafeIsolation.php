<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Reading\Shown;

/**
 * Whether a board was isolated and proved dead, step by step, and what was done that could have hurt somebody.
 *
 * The steps are looked for in their order. Lock and tag may change places. The tester is proved on its unit or on a known live
 * source. Where the tester fails its second proof, all that it said in between is void.
 */
final readonly class SafeIsolation
{
    private const DEAD = [
        [IsolationStep::LineNeutral, 'line', 'neutral'],
        [IsolationStep::LineEarth, 'line', 'earth'],
        [IsolationStep::NeutralEarth, 'neutral', 'earth'],
    ];

    /**
     * @param  list<StepReport>  $steps
     * @param  list<Reason>  $hazards  each once, in the order in which they came
     */
    private function __construct(public array $steps, public array $hazards)
    {
    }

    /**
     * @param  string  $own  the breaker that feeds the board
     * @param  list<LoggedAct>  $log
     */
    public static function judge(PointRoles $roles, string $own, array $log): self
    {
        /** @var array<string, StepReport> $reports */
        $reports = [];
        $hazards = [];
        $isProved = $isDead = $hasTripped = $hasPen = false;
        foreach ($log as $i => $logged) {
            $before = $log[$i - 1] ?? null;
            $hasTripped = $hasTripped && $before?->head === $logged->head;
            foreach (self::hazardsIn($logged, $before, $isDead, $hasTripped) as $hazard) {
                $hazards[$hazard->value] = $hazard;
            }
            $hasTripped = $hasTripped || $logged->trip !== null;
            $hasPen = $hasPen || $logged->act->touch?->with === InstrumentKind::Pen;
            $isProved = self::isProvedAfter($logged, $roles, $isProved);
            foreach (self::told($logged, $own, $roles, $reports, $isProved) as $report) {
                $reports[$report->step->value] = self::later($reports[$report->step->value] ?? null, $report);
                $isDead = $isDead || ($report->step === IsolationStep::ProveAfter && $report->state === StepState::Done);
            }
            // What was proved dead is so no more once it has been live.
            $isDead = $isDead && ! $logged->isLive;
        }
        $isTested = array_filter(self::DEAD, fn (array $dead) => isset($reports[$dead[0]->value])) !== [];
        if ($hasPen && ! $isTested) {
            $hazards[Reason::PenIsNoProof->value] = Reason::PenIsNoProof;
        }

        return new self(
            array_map(
                fn (IsolationStep $step) => $reports[$step->value] ?? new StepReport($step, StepState::Missing),
                IsolationStep::cases(),
            ),
            array_values($hazards),
        );
    }

    public function isDone(): bool
    {
        return array_filter($this->steps, fn (StepReport $report) => $report->state !== StepState::Done) === [];
    }

    /** Whether all three readings were dark with a tester that was proved before and after. */
    public function isProvedDead(): bool
    {
        $needed = [...array_column(self::DEAD, 0), IsolationStep::ProveAfter];
        $open = fn (StepReport $report) => in_array($report->step, $needed, true) && $report->state !== StepState::Done;

        return array_filter($this->steps, $open) === [];
    }

    /**
     * @param  array<string, StepReport>  $reports  so far
     * @return iterable<StepReport> what the act changes in them
     */
    private static function told(LoggedAct $logged, string $own, PointRoles $roles, array $reports, bool $isProved): iterable
    {
        $isDone = fn (IsolationStep $step): bool => ($reports[$step->value] ?? null)?->state === StepState::Done;
        switch ($logged->act->kind) {
            case ActKind::Identify:
                yield $logged->act->on === $own
                    ? new StepReport(IsolationStep::Identify, StepState::Done)
                    : new StepReport(IsolationStep::Identify, StepState::Void, Reason::WrongBreaker);
                if ($logged->ownOff && $logged->act->on === $own) {
                    // Found off already, and now known to be the one.
                    yield new StepReport(IsolationStep::Isolate, StepState::Done);
                }
                break;
            case ActKind::TurnOff:
                yield match (true) {
                    ! $logged->ownOff => new StepReport(IsolationStep::Isolate, StepState::Void, Reason::WrongBreaker),
                    ! $isDone(IsolationStep::Identify) => new StepReport(IsolationStep::Isolate, StepState::Void, Reason::NotIdentified),
                    default => new StepReport(IsolationStep::Isolate, StepState::Done),
                };
                break;
            case ActKind::Lock:
                yield self::after($isDone, IsolationStep::Lock, $logged->isLockedOff, IsolationStep::Isolate, Reason::NotIsolated);
                break;
            case ActKind::Tag:
                yield self::after($isDone, IsolationStep::Tag, $logged->isTaggedOff, IsolationStep::Isolate, Reason::NotIsolated);
                break;
            case ActKind::Prove:
                yield from self::proved($logged, $isDone);
                break;
            case ActKind::Touch:
                yield from self::touched($logged, $roles, $isDone, $isProved);
                break;
            default:
        }
    }

    /**
     * @param  callable(IsolationStep): bool  $isDone
     */
    private static function after(callable $isDone, IsolationStep $step, bool $isRight, IsolationStep $first, Reason $else): StepReport
    {
        return match (true) {
            ! $isRight => new StepReport($step, StepState::Void, Reason::WrongBreaker),
            ! $isDone($first) => new StepReport($step, StepState::Void, $else),
            default => new StepReport($step, StepState::Done),
        };
    }

    /**
     * @param  callable(IsolationStep): bool  $isDone
     * @return iterable<StepReport>
     */
    private static function proved(LoggedAct $logged, callable $isDone): iterable
    {
        $dead = array_column(self::DEAD, 0);
        $done = array_filter($dead, $isDone);
        $works = $logged->reading?->shown === Shown::Marks;
        if ($done === []) {
            yield $works
                ? new StepReport(IsolationStep::ProveBefore, StepState::Done)
                : new StepReport(IsolationStep::ProveBefore, StepState::Void, Reason::TesterDead);

            return;
        }
        if (! $works) {
            foreach ([IsolationStep::ProveBefore, ...$dead, IsolationStep::ProveAfter] as $step) {
                yield new StepReport($step, StepState::Void, Reason::TesterDead);
            }

            return;
        }
        yield count($done) < count($dead)
            ? new StepReport(IsolationStep::ProveAfter, StepState::Void, Reason::NotAllThree)
            : new StepReport(IsolationStep::ProveAfter, StepState::Done);
    }

    /**
     * @param  callable(IsolationStep): bool  $isDone
     * @return iterable<StepReport>
     */
    private static function touched(LoggedAct $logged, PointRoles $roles, callable $isDone, bool $isProved): iterable
    {
        $touch = $logged->act->touch;
        if ($touch === null || $touch->with !== InstrumentKind::TwoPole) {
            return;
        }
        if ($isProved && $logged->wasLive && $logged->reading?->shown === Shown::Marks) {
            yield new StepReport(IsolationStep::ProveBefore, StepState::Done);
        }
        foreach (self::DEAD as [$step, $one, $other]) {
            if ($roles->isBetween($touch, $one, $other)) {
                yield match (true) {
                    $logged->reading?->shown !== Shown::Dark => new StepReport($step, StepState::Void, Reason::StillLive),
                    ! $isDone(IsolationStep::Isolate) => new StepReport($step, StepState::Void, Reason::NotIsolated),
                    ! $isDone(IsolationStep::Lock) => new StepReport($step, StepState::Void, Reason::NotLocked),
                    ! $isDone(IsolationStep::Tag) => new StepReport($step, StepState::Void, Reason::NotTagged),
                    ! $isDone(IsolationStep::ProveBefore) => new StepReport($step, StepState::Void, Reason::NotProvedBefore),
                    default => new StepReport($step, StepState::Done),
                };
            }
        }
    }

    /** Whether the tester is known to work: it showed something on its unit, or on a live circuit. */
    private static function isProvedAfter(LoggedAct $logged, PointRoles $roles, bool $isProved): bool
    {
        $touch = $logged->act->touch;
        $isOnLive = $touch?->with === InstrumentKind::TwoPole && $logged->wasLive && (
            $roles->isBetween($touch, 'line', 'neutral') || $roles->isBetween($touch, 'line', 'earth')
        );

        return match (true) {
            $logged->act->kind === ActKind::Prove, $isOnLive => $logged->reading?->shown === Shown::Marks,
            $logged->act->kind === ActKind::OtherTester => false,
            default => $isProved,
        };
    }

    /** What is done stays done, whatever is done again later; unless the tester turns out to be dead. */
    private static function later(?StepReport $before, StepReport $now): StepReport
    {
        return $before?->state === StepState::Done && $now->why !== Reason::TesterDead ? $before : $now;
    }

    /** @return iterable<Reason> */
    private static function hazardsIn(LoggedAct $logged, ?LoggedAct $before, bool $isDead, bool $hasTripped): iterable
    {
        $with = $logged->act->touch?->with;
        if ($before !== null && $before->head !== $logged->head && $before->isLive) {
            yield Reason::WiredLive;
        }
        if ($logged->reading?->shown === Shown::FuseBlown && ($logged->wasLive || $logged->isLive)) {
            yield Reason::OhmsOnLive;
        }
        if ($logged->reading?->shown === Shown::LiveWarning) {
            yield Reason::InsulationOnLive;
        }
        if ($with?->isForDead() === true && ! $logged->wasLive && ! $isDead) {
            yield Reason::TestedTooEarly;
        }
        if ($logged->act->kind === ActKind::TurnOn && $logged->trip !== null) {
            if ($logged->hasLink) {
                yield Reason::LinkLeftOn;
            }
            if ($hasTripped) {
                yield Reason::ResetOntoFault;
            }
        }
    }
}
