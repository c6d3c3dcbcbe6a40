<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Move\Move;

/** A move of a repair as it is worded at the box. */
final readonly class MoveSentence
{
    private Words $words;

    public function __construct(private Wiring $wiring)
    {
        $this->words = Words::of($wiring);
    }

    public function of(Move $move): string
    {
        return Str::ucfirst(match (true) {
            $move->device !== null => $this->words->say('plan.fit', [
                'device' => $this->words->device($move->device),
                'model' => $this->words->switchKind($this->wiring->board->devices[$move->device]->model->function->value ?? ''),
            ]),
            $move->isUnmarking => $this->unmark((string) $move->point),
            $move->mark !== null => $this->words->say('plan.mark', [
                'box' => $this->words->box($this->boxOf($move)),
                'end' => $this->words->coded((string) $move->point),
                'as' => $this->words->role($move->mark->value),
            ]),
            default => $this->moved($move),
        });
    }

    /** A mark that says something else than the conductor is, to be taken off. */
    public function unmark(string $end): string
    {
        return $this->words->say('plan.unmark', ['points' => $this->words->place($end)]);
    }

    public function boxOf(Move $move): string
    {
        return $this->words->enclosureOf((string) ($move->point ?? $move->device));
    }

    private function moved(Move $move): string
    {
        $from = (string) $move->from;
        $key = 'plan.move'.($move->to === Move::CAP ? '-off' : '').(in_array($from, [Move::CAP, Move::LOOSE], true) ? '-free' : '');

        return $this->words->say($key, [
            'box' => $this->words->box($this->boxOf($move)),
            'point' => $this->words->coded((string) $move->point),
            'from' => isset($this->wiring->points[$from]) ? $this->words->shortPlace($from) : '',
            'to' => isset($this->wiring->points[(string) $move->to]) ? $this->words->shortPlace((string) $move->to) : '',
        ]);
    }
}
