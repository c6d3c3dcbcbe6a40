<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Plan\Refusal\BoardChange;
use Zwindle\Plan\Refusal\NeutralAt;

/** Other cables that would do, and where an electronic switch could go, in the trade English of a board. */
final readonly class ChangeSentence
{
    private Words $words;

    public function __construct(Board $board)
    {
        $this->words = new Words($board);
    }

    /** `W2 as 14/3 and a white single beside W5` */
    public function cables(BoardChange $change): string
    {
        $types = array_map(
            fn (string $cable, CableType $type) => $this->words->say('plan.instead', ['cable' => $cable, 'type' => $type->print]),
            array_keys($change->types),
            $change->types,
        );
        $seconds = array_map(
            fn (string $cable, CableType $type) => $this->words->say('plan.second', ['cable' => $cable, 'type' => $type->print]),
            array_keys($change->beside),
            $change->beside,
        );
        $singles = array_map(fn (string $beside, array $colours) => $this->words->count('plan.beside', count($colours), [
            'cable' => $beside,
            'colours' => $this->words->list(array_map(fn (Colour $colour) => $this->words->say("parts.colour.$colour->value"), $colours)),
        ]), array_keys($change->singles), $change->singles);

        return $this->words->list([...$types, ...$seconds, ...$singles]);
    }

    public function neutral(NeutralAt $at): string
    {
        return $this->words->say("plan.electronic.{$at->answer->value}", [
            'box' => $this->words->box($at->enclosure),
            'cables' => $this->cables($at->change),
        ]);
    }
}
