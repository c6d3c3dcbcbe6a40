<?php

declare(strict_types=1);

namespace Zwindle\Proving;

use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Rig\Supply;

/**
 * One act with what came of it and how the board stood after it, as it is kept.
 *
 * @phpstan-type KeptAct array{act: array{kind: string, on?: string, step?: array<string, mixed>,
 *     touch?: array{with: string, one: string, other: string|null},
 *     link?: array{string, string}}, reading: array{with: string, shown: string, value: float|null, lamps: list<bool>}|null,
 *     trip: string|null, wasLive: bool, isLive: bool, isFed: bool, isLockedOff: bool, isTaggedOff: bool, ownOff: bool, tiesNeutral: bool,
 *     state: int, lampsOut: list<string>, hasLink: bool, lamps: array<string, string>, head: int}
 */
final readonly class LoggedAct
{
    /**
     * @param  bool  $isFed  whether the line was connected before it, live or not
     * @param  bool  $ownOff  whether the board's own breaker or the main switch stands off
     * @param  list<string>  $lampsOut
     * @param  array<string, string>  $lamps
     * @param  int  $head  how many steps the wiring had: what was tested before a change of it counts no more
     */
    public function __construct(
        public Act $act,
        public ?Reading $reading,
        public ?string $trip,
        public bool $wasLive,
        public bool $isLive,
        public bool $isFed,
        public bool $isLockedOff,
        public bool $isTaggedOff,
        public bool $ownOff,
        public bool $tiesNeutral,
        public int $state,
        public array $lampsOut,
        public bool $hasLink,
        public array $lamps,
        public int $head,
    ) {
    }

    public static function of(Act $act, BoardUnderTest $before, bool $wasLive, Outcome $outcome, int $head): self
    {
        $after = $outcome->after;
        $off = array_filter([Supply::MAIN, $after->supply->own], fn (string $part) => ! $after->supply->isOn($part));

        return new self(
            $act,
            $outcome->reading,
            $outcome->trip?->value,
            $wasLive,
            $outcome->isLive,
            $before->supply->feedsLine(),
            $after->supply->isLockedOff(),
            array_intersect($off, $after->supply->tagged) !== [],
            $off !== [],
            $after->supply->tiesNeutral(),
            $after->state,
            $after->lampsOut,
            $after->link !== null,
            $outcome->lamps,
            $head,
        );
    }

    /** @return KeptAct */
    public function toKeep(): array
    {
        return [
            'act' => $this->act->toKeep(),
            'reading' => $this->reading?->toKeep(),
            'trip' => $this->trip,
            'wasLive' => $this->wasLive,
            'isLive' => $this->isLive,
            'isFed' => $this->isFed,
            'isLockedOff' => $this->isLockedOff,
            'isTaggedOff' => $this->isTaggedOff,
            'ownOff' => $this->ownOff,
            'tiesNeutral' => $this->tiesNeutral,
            'state' => $this->state,
            'lampsOut' => $this->lampsOut,
            'hasLink' => $this->hasLink,
            'lamps' => $this->lamps,
            'head' => $this->head,
        ];
    }

    /** @param  KeptAct  $kept */
    public static function kept(array $kept): self
    {
        return new self(
            Act::kept($kept['act']),
            $kept['reading'] === null ? null : Reading::kept($kept['reading']),
            $kept['trip'],
            $kept['wasLive'],
            $kept['isLive'],
            $kept['isFed'],
            $kept['isLockedOff'],
            $kept['isTaggedOff'],
            $kept['ownOff'],
            $kept['tiesNeutral'],
            $kept['state'],
            $kept['lampsOut'],
            $kept['hasLink'],
            $kept['lamps'],
            $kept['head'],
        );
    }
}
