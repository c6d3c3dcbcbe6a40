<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Repair\Move\Move;
use Zwindle\Repair\NearestPlan;

/** What has to be changed on a standing wiring: what comes off, what goes on, what stays. */
final readonly class ExtensionNotes
{
    private Words $words;

    private MoveSentence $sentences;

    /** @param  list<string>  $gone  points of the earlier wiring that the board no longer has */
    public function __construct(public NearestPlan $nearest, public array $gone)
    {
        $this->words = Words::of($nearest->plan->wiring);
        $this->sentences = new MoveSentence($nearest->start);
    }

    /** @return list<string> */
    public function lines(): array
    {
        $moves = array_map(fn (Move $move) => '  - '.$this->sentences->of($move), $this->nearest->moves);

        return [...$this->notes(), ...($moves === [] ? [] : [$this->words->count('plan.changes', count($moves)), ...$moves]), ''];
    }

    /** @return list<string> what stays, what is gone, what comes off */
    public function notes(): array
    {
        $joints = count($this->nearest->plan->wiring->joints);
        $lines = [$this->words->say('plan.kept', ['kept' => count($this->nearest->kept), 'all' => $joints])];
        if ($this->gone !== []) {
            $lines[] = $this->words->say('plan.gone', ['points' => implode(', ', $this->gone)]);
        }
        $off = $this->nearest->comesOff();
        if ($off !== []) {
            $lines[] = $this->words->say('plan.comes-off', ['points' => $this->words->places($off)]);
        }
        if ($this->nearest->unmarked !== []) {
            $lines[] = $this->words->say('plan.unmark', ['points' => $this->words->places($this->nearest->unmarked)]);
        }

        return $lines;
    }
}
