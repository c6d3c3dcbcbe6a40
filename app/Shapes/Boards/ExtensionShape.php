<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use Zwindle\Format\Write\MovesArray;
use Zwindle\Repair\NearestPlan;

/** What has to be changed on a standing wiring, in the shape of the contract. */
final class ExtensionShape
{
    /**
     * @param  list<string>  $gone  points of the earlier wiring that the board no longer has
     * @return array<string, mixed>
     */
    public static function of(NearestPlan $nearest, array $gone): array
    {
        return [
            'moves' => array_map(MovesArray::move(...), $nearest->moves),
            'comesOff' => $nearest->comesOff(),
            'goesOn' => $nearest->goesOn(),
            'unmarked' => $nearest->unmarked,
            'kept' => $nearest->kept,
            'gone' => $gone,
        ];
    }
}
