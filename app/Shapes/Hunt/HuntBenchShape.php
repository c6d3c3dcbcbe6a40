<?php

declare(strict_types=1);

namespace App\Shapes\Hunt;

use App\Wording\ProvingSentence;
use App\Wording\Words;
use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Hunt\FaultHunt;
use Zwindle\Hunt\NewPart;
use Zwindle\Hunt\Symptom;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/** What lies ready for somebody who looks for a fault: what is known so far, what may be named, new parts and new runs. */
final readonly class HuntBenchShape
{
    private Wiring $right;

    private Words $words;

    /** @param  bool  $isTold  whether what was named right may be shown: not to whoever is marked for it, before the mark is out */
    public function __construct(private FaultHunt $hunt, private ProvingSentence $sentence, private bool $isTold = true)
    {
        $this->right = $hunt->placed->right;
        $this->words = Words::of($this->right);
    }

    /** @return array<string, mixed> what a fault finder knows; never whether the board is right */
    public function now(): array
    {
        return [
            'symptom' => HuntShape::symptom(Symptom::of($this->hunt->placed->suspect)),
            'faults' => count($this->hunt->placed->faults),
            'opened' => $this->hunt->opened(),
            'named' => $this->named(),
            'seen' => $this->isTold ? $this->hunt->seenSince() : $this->hunt->seenSinceHands(),
            'hands' => count($this->hunt->handsIn()),
            'needsHands' => ! $this->isTold || $this->needsHands(),
            'canUndo' => $this->hunt->work->canUndo(),
            'canRedo' => $this->hunt->work->canRedo(),
            'states' => $this->hunt->placed->circuit()->stateCount(),
        ];
    }

    /** Of what is found, not of what is in it. */
    private function needsHands(): bool
    {
        return array_filter($this->hunt->found(), fn (Mistake $fault) => ! $fault->kind->isOfSupply()) !== [];
    }

    /** @return list<array{text: string, isRight: bool|null}> what was named so far */
    public function named(): array
    {
        return array_map(fn (array $one) => [
            'text' => $this->sentence->naming($one['naming']),
            'isRight' => $this->isTold ? $one['found'] !== null : null,
        ], $this->hunt->named);
    }

    /** @return array<string, mixed> what may be named, and where */
    public function namings(): array
    {
        $board = $this->right->board;

        return [
            'kinds' => array_map(fn (MistakeKind $kind) => [
                'id' => $kind->value,
                'name' => $this->sentence->mistakeKind($kind),
            ], MistakeKind::huntedIn($board->practice)),
            'boxes' => array_map(fn (Enclosure $box) => [
                'id' => $box->id,
                'name' => $this->words->box($box->id),
                'items' => [
                    ...array_map(fn (Device $device) => [
                        'id' => $device->id,
                        'name' => $this->words->device($device->id),
                    ], $board->devicesIn($box->id)),
                    ...array_map(fn (Cable $cable) => [
                        'id' => $cable->id,
                        'name' => $this->cableFrom($cable, $box),
                    ], $board->cablesIn($box->id)),
                ],
            ], array_values($board->boxes())),
        ];
    }

    /** @return array<string, mixed> new parts and new runs that lie ready */
    public function repairs(): array
    {
        $board = $this->right->board;

        return [
            'parts' => array_values(array_filter(array_map(fn (Device $device) => [
                'id' => $device->id,
                'box' => $device->enclosure,
                'name' => $this->words->device($device->id),
                'fits' => array_map(fn (string $kind) => [
                    'id' => "$device->id|$kind",
                    'name' => $this->words->partKind($kind),
                ], array_keys(NewPart::fitting($this->right, $device))),
            ], $board->devices), fn (array $part) => $part['fits'] !== [])),
            'runs' => array_merge(...array_map(fn (Enclosure $box) => array_map(fn (Cable $cable) => [
                'id' => $cable->id,
                'box' => $box->id,
                'name' => $this->cableFrom($cable, $box),
            ], $board->cablesIn($box->id)), array_values($board->boxes())), ...[[]]),
        ];
    }

    private function cableFrom(Cable $cable, Enclosure $box): string
    {
        return $this->words->say('proving.cable-to', ['cable' => $cable->id, 'box' => $this->words->box($cable->farFrom($box->id))]);
    }
}
