<?php

declare(strict_types=1);

namespace Zwindle\Drill;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Exam\Vary\Dice;

/**
 * A rose or light box, dead, every end apart: one cable is the drop to a switch, one may go on to other lamps and read them cold.
 *
 * The usual search (common practice): link two conductors of the drop at the switch, and look for continuity here, cable by cable.
 * Where the switch happens to stand closed, the drop reads through without a link too.
 */
final class DropLab
{
    public static function of(Dice $dice, Practice $practice): Lab
    {
        $count = 3 + $dice->for('cables')->throw(2);
        $could = $shows = [];
        foreach (range(1, $count) as $drop) {
            foreach (array_diff(range(0, $count), [$drop]) as $onward) {
                foreach (['open', 'closed'] as $switch) {
                    $could["$drop $onward $switch"] = "$drop";
                }
            }
        }
        foreach (array_keys($could) as $id) {
            [$drop, $onward, $switch] = explode(' ', $id);
            foreach (range(1, $count) as $cable) {
                foreach (['linked', 'apart'] as $link) {
                    $shows["read $cable $link"][$id] = match (true) {
                        $cable === (int) $drop => $link === 'linked' || $switch === 'closed' ? 'through' : 'open',
                        $cable === (int) $onward => 'lamps',
                        default => 'open',
                    };
                }
            }
        }
        $types = array_values(array_filter(
            CableType::of($practice),
            fn (CableType $type) => ! $type->isSingle && $type->oldOf === null && $type->size === $practice->newSizes[0],
        ));

        return new Lab(
            $could,
            $shows,
            $dice->for('truth')->shuffled(array_keys($could))[0],
            ['cables' => array_fill(0, $count, $types[0]->print), 'lampOhm' => 10 + $dice->for('lamps')->throw(40)],
        );
    }
}
