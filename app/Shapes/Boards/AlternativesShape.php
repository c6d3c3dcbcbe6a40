<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\RefusalSentence;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Plan\Refusal\Alternative;
use Zwindle\Plan\Refusal\Refusal;

/** What would let a board be wired, each to be taken by one tap. */
final class AlternativesShape
{
    /** @return list<array{kind: string, text: string, take: string, code: string|null, cables: array<string, string>}> */
    public static function of(Refusal $refusal, RefusalSentence $sentences): array
    {
        return array_map(fn (Alternative $way) => [
            'kind' => $way->kind->value,
            'text' => $sentences->alternative($way),
            'take' => $sentences->take($way),
            'code' => $way->edition?->id,
            'cables' => array_map(fn (CableType $type) => $type->id, $way->cables->types),
        ], $refusal->ways);
    }
}
