<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Repair;

/** Repairs in the shape of the contract. */
final class MovesArray
{
    /**
     * @param  list<Repair>  $repairs
     * @return list<array{moves: list<array<string, string|null>>, undoes: list<string>}>
     */
    public static function ofRepairs(array $repairs): array
    {
        return array_map(fn (Repair $remedy) => [
            'moves' => self::of($remedy->moves),
            'undoes' => array_map(fn (Mistake $mistake) => $mistake->id(), $remedy->undoes),
        ], $repairs);
    }

    /**
     * @param  list<Move>  $moves
     * @return list<array<string, string|null>>
     */
    public static function of(array $moves): array
    {
        return array_map(self::move(...), $moves);
    }

    /** @return array<string, string|null> */
    public static function move(Move $move): array
    {
        return match (true) {
            $move->device !== null => ['device' => $move->device, 'fit' => $move->fit],
            $move->isOfMark() => ['point' => $move->point, 'mark' => $move->mark?->value],
            default => ['point' => $move->point, 'from' => $move->from, 'to' => $move->to],
        };
    }
}
