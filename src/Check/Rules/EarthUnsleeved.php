<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Colour;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Scheme\Role;
use Zwindle\Wiring\MarkedAs;

/** A bare core is joined without a sleeve that says it is the earth (Britain): one finding for each enclosure. */
final readonly class EarthUnsleeved implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        if ($evidence->board->practice !== Practice::Britain || ! $evidence->board->requirements->earths) {
            return;
        }
        $byEnclosure = [];
        foreach ($evidence->cores() as $core) {
            $carries = $evidence->roles->at($core->ends()[0]);
            $mayBeEarth = in_array(Role::Earth, $carries, true) || $carries === [Role::None];
            foreach ($core->colour === Colour::Bare && $mayBeEarth ? $core->ends() : [] as $end) {
                if ($evidence->wiring->jointAt($end) !== null && $evidence->wiring->markOn($end) !== MarkedAs::Earth) {
                    $byEnclosure[$evidence->point($end)->enclosure][] = $end;
                }
            }
        }
        foreach ($byEnclosure as $enclosure => $ends) {
            yield new Finding(FindingCode::EarthUnsleeved, $ends, ['enclosure' => (string) $enclosure, 'count' => count($ends)]);
        }
    }
}
