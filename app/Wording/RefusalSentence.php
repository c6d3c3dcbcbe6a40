<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Refusal\Alternative;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\Shortage;

/** Why a board cannot be wired, and what would do instead, in words. */
final readonly class RefusalSentence
{
    private Words $words;

    private ChangeSentence $changes;

    public function __construct(private Board $board)
    {
        $this->words = new Words($board);
        $this->changes = new ChangeSentence($board);
    }

    /** Why there is no plan, in words. */
    public function of(Planning $planning, Refusal $refusal = new Refusal, ?CodeEdition $edition = null): string
    {
        $reason = $planning->reason->value ?? '';
        // Where a rule asks for the core, one scheme is enough to show which.
        $told = $refusal->askedBy === null
            ? $planning->shortages
            : array_filter($planning->shortages, fn (Shortage $shortage) => $shortage->scheme === $planning->shortages[0]->scheme);
        $shortages = array_map(fn (Shortage $shortage) => $this->words->say(match (true) {
            $shortage->neverLine > 0 => 'plan.shortage-white',
            $shortage->hasNoneForNeutral => 'plan.no-neutral',
            default => 'plan.shortage',
        }, [
            'cable' => $shortage->cable,
            'has' => $shortage->has,
            'needs' => $shortage->needs,
            'scheme' => $this->words->say("parts.scheme.$shortage->scheme"),
        ]), $told);

        $rule = $refusal->askedBy === null
            ? ''
            : $this->words->say("plan.asked-by.{$refusal->askedBy->value}", ['section' => $this->citation($edition)]);
        $why = $refusal->askedBy === null ? $this->words->say("plan.impossible.$reason") : $this->words->say('plan.impossible.by-rule');
        $ways = array_map($this->alternative(...), $refusal->ways);

        return implode(' ', array_filter([
            $why,
            ...$shortages,
            $rule,
            $ways === [] ? '' : $this->words->say('plan.would-do', ['ways' => implode('; ', $ways)]),
        ]));
    }

    public function alternative(Alternative $way): string
    {
        return $this->words->say("plan.way-out.{$way->kind->value}", [
            'cables' => $this->changes->cables($way->cables),
            'edition' => $way->edition->title ?? '',
        ]);
    }

    /** What is tapped to have it so. */
    public function take(Alternative $way): string
    {
        return $this->words->say("plan.take.{$way->kind->value}", [
            'cables' => $this->changes->cables($way->cables),
            'code' => $way->edition->id ?? '',
        ]);
    }

    /** The section of the rule that asks for what is missing. */
    public function citation(?CodeEdition $edition): string
    {
        return ($edition ?? $this->board->edition)->cite(FindingCode::NeutralAbsentAtSwitch->value) ?? '';
    }
}
