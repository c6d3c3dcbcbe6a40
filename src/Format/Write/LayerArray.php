<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Bench\PlaceMap;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Circuit\Scheme\Role;

/** The layers that a picture can be looked at by: what the earth, the neutral and the line hold. */
final class LayerArray
{
    public static function of(Role $role): string
    {
        return match (true) {
            $role === Role::Earth => 'earth',
            $role === Role::Neutral => 'neutral',
            default => 'line',
        };
    }

    /** @return array<string, list<string>> layer → the ends and landings in it; spare cores are in none */
    public static function places(Evidence $evidence): array
    {
        $places = PlaceMap::of($evidence->wiring);
        $layers = ['earth' => [], 'neutral' => [], 'line' => []];
        foreach ($evidence->wiring->points as $point) {
            $role = $evidence->roles->at($point->id)[0];
            if ($role !== Role::None) {
                $layers[self::of($role)][] = $places->placeOf($point->id);
            }
        }

        return $layers;
    }
}
