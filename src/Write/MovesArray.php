<?php

declare(strict_types=1);

namespace Zwindle\Write;

use Zwindle\Repair\Mending;
use Zwindle\Repair\Move;

/** Repairs in the shape of the contract. */
final class MovesArray
{
    /** @return list<array{moves: list<array<string, string|null>>}> */
    public static function of(Mending $mending): array
    {
        return array_map(fn (array $moves) => ['moves' => array_map(self::move(...), $moves)], $mending->repairs);
    }

    /** @return array<string, string|null> */
    private static function move(Move $move): array
    {
        return $move->device === null
            ? ['point' => $move->point, 'from' => $move->from, 'to' => $move->to]
            : ['device' => $move->device, 'fit' => $move->fit];
    }
}
