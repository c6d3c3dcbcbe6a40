<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Repair;
use Zwindle\Repair\SmallestRepairs;

/** Repairs in the shape of the contract. */
final class MovesArray
{
    /** @return list<array{moves: list<array<string, string|null>>, undoes: list<string>}> */
    public static function of(SmallestRepairs $smallest): array
    {
        return array_map(fn (Repair $remedy) => [
            'moves' => array_map(self::move(...), $remedy->moves),
            'undoes' => array_map(fn (Mistake $mistake) => $mistake->id(), $remedy->undoes),
        ], $smallest->repairs);
    }

    /** @return array<string, string|null> */
    public static function move(Move $move): array
    {
        return match (true) {
            $move->device !== null => ['device' => $move->device, 'fit' => $move->fit],
            $move->mark !== null => ['point' => $move->point, 'mark' => $move->mark->value],
            default => ['point' => $move->point, 'from' => $move->from, 'to' => $move->to],
        };
    }
}
