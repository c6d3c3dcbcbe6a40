<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\ConversionSentence;
use Zwindle\Board\Board;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\Conversion;
use Zwindle\Plan\Convert\Note;

/** A board carried over to another practice, in the shape of the contract. */
final class ConversionShape
{
    /** @return array<string, mixed> */
    public static function of(Board $board, Conversion $conversion): array
    {
        $sentences = new ConversionSentence($board, $conversion);

        return [
            'board' => BoardArray::of($conversion->board),
            'scheme' => [
                'before' => $conversion->before?->result->scheme()?->value,
                'after' => $conversion->after?->result->scheme()?->value,
            ],
            'notes' => array_map(fn (Note $note) => [
                'code' => $note->kind->value,
                'at' => $note->at,
                'text' => $sentences->of($note),
            ], $conversion->notes),
            'words' => $sentences->pairs(),
        ];
    }
}
