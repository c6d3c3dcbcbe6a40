<?php

declare(strict_types=1);

namespace App\Shapes\Proving;

use App\Queries\Proving\Proving;
use App\Queries\Proving\WhatWouldPass;
use App\Wording\MistakeSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Proving\Walk\NextFlip;
use Zwindle\Proving\Walk\Trap;
use Zwindle\Proving\Walk\Walk;
use Zwindle\Repair\Mistake\MistakenWiring;

/** A walk through the combinations: what was seen, the flip to make next, and what would have passed it. */
final readonly class WalkShape
{
    /** Mistakes that are named. */
    private const MOST = 6;

    private const LETTERS = ['on' => '1', 'dim' => 'd', 'off' => '0'];

    private Walk $walk;

    public function __construct(private Proving $proving)
    {
        $this->walk = Walk::newest($proving->log(), $proving->attempt->head);
    }

    /**
     * @param  bool  $isOpen  whether it may be said what would have passed, and which flip comes next
     * @return array<string, mixed>
     */
    public function json(bool $isOpen): array
    {
        $circuit = $this->proving->circuit;
        $state = $this->proving->state()->state;
        $report = $isOpen && $this->walk->isSignedOff ? $this->report() : null;

        return [
            'switches' => $circuit->switches,
            'lamps' => (object) array_combine($circuit->lamps, array_map($this->column(...), $circuit->lamps)),
            'state' => $state,
            'flips' => $this->walk->flips,
            'answered' => $isOpen ? $this->walk->answered($circuit) : [],
            'seen' => count($this->walk->seen),
            'next' => $isOpen ? NextFlip::from($circuit, $state, $this->walk->seen) : null,
            'isSignedOff' => $this->walk->isSignedOff,
            'report' => $report,
        ];
    }

    /** A letter a state: `1` on, `d` dim, `0` off, `?` not seen. */
    private function column(string $lamp): string
    {
        $letters = '';
        for ($state = 0; $state < $this->proving->circuit->stateCount(); $state++) {
            $letters .= self::LETTERS[$this->walk->seen[$state][$lamp] ?? ''] ?? '?';
        }

        return $letters;
    }

    /** @return array<string, mixed>|null null where there is nothing to go by yet, or the board has too many switches */
    private function report(): ?array
    {
        $circuit = $this->proving->circuit;
        $found = WhatWouldPass::of($this->proving, $this->walk);
        if ($found === null) {
            return null;
        }
        ['right' => $right, 'found' => $found] = $found;
        $words = Words::of($right);
        $sentence = new MistakeSentence($words);
        $said = array_map(
            fn (MistakenWiring $wiring) => $sentence->sentence($wiring->mistakes),
            array_slice($found->mistakes, 0, self::MOST),
        );

        return [
            'sentence' => match (true) {
                $found->asMade > 0 => $words->count('proving.walk.passed', $found->asMade, ['wrong' => $found->wrong]),
                $found->withLuck > 0 => $words->count('proving.walk.lucky', $found->withLuck, ['wrong' => $found->wrong]),
                default => $words->say('proving.walk.sound', ['wrong' => $found->wrong]),
            },
            'luck' => $found->withLuck > $found->asMade
                ? $words->say('proving.walk.luck', ['count' => $found->withLuck, 'average' => (string) round($found->onAverage, 1)])
                : '',
            'mistakes' => $said,
            'shortest' => FlipWalk::of($circuit->switches),
            'trap' => $found->trap === null ? null : [
                'lamps' => (object) $found->trap->table->lamps,
                'trips' => $found->trap->table->trips,
                'from' => $this->walk->from,
                'flips' => $this->walk->flips,
                'tell' => $found->trap->tell,
                'sentence' => $this->trap($found->trap, $words, $sentence),
            ],
        ];
    }

    private function trap(Trap $trap, Words $words, MistakeSentence $sentence): string
    {
        return $trap->mistake === null
            ? $words->say('proving.walk.landed', ['switches' => $words->list($trap->landed)])
            : Str::ucfirst($sentence->of($trap->mistake)).'.';
    }
}
