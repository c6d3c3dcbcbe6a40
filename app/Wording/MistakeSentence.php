<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Diagnosis\Telling\TellingTest;
use Zwindle\Diagnosis\Telling\TellingTestKind;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/** A usual mistake, or what tells it from others, in the trade English of a board. */
final readonly class MistakeSentence
{
    public function __construct(private Words $words)
    {
    }

    public function of(Mistake $mistake): string
    {
        $device = $this->words->deviceOf($mistake->at[0]);
        $stuckUp = $mistake->fault?->stuckUp;

        $isSpliced = $mistake->kind === MistakeKind::LooseTerminal && $this->words->terminalOf($mistake->at[1]) === '';

        return $this->words->say('mistakes.what.'.($isSpliced ? 'loose-splice' : $mistake->kind->value), [
            'device' => $device === null ? '' : $this->words->device($device),
            'first' => $this->words->place($mistake->at[0]),
            'second' => $this->words->place($mistake->at[1] ?? $mistake->at[0]),
            'screw' => $this->words->terminalOf($mistake->at[0]),
            'other' => $this->words->terminalOf($mistake->at[1] ?? ''),
            'onward' => $this->onward($mistake),
            'position' => $this->words->say('mistakes.position.'.($stuckUp === false ? 'down' : 'up')),
        ]);
    }

    private function onward(Mistake $mistake): string
    {
        $beyond = $mistake->kind === MistakeKind::OnwardForgotten ? $this->words->beyondOf($mistake->at[0]) : null;

        return $beyond === null ? '' : $this->words->box($beyond);
    }

    /** @param  list<Mistake>  $mistakes */
    public function all(array $mistakes): string
    {
        return $this->words->list(array_map($this->of(...), $mistakes));
    }

    /**
     * A sentence of its own.
     *
     * @param  array<int, Mistake>  $mistakes
     */
    public function sentence(array $mistakes): string
    {
        return Str::ucfirst($this->all(array_values($mistakes))).'.';
    }

    /** What to look at, probe or test, to tell mistakes with one table apart. */
    public function test(TellingTest $test): string
    {
        $isPart = $this->words->deviceOf($test->at) === $test->at;

        return $this->words->say('mistakes.'.($isPart && $test->kind === TellingTestKind::Look ? 'look-part' : $test->kind->value), [
            'box' => $this->words->box($this->words->enclosureOf($test->at)),
            'point' => $isPart ? '' : $this->words->coded($test->at),
            'device' => $isPart ? $this->words->device($test->at) : '',
        ]);
    }
}
