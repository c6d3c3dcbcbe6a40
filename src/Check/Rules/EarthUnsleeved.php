<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/** A bare core is joined without a sleeve that says it is the earth (Britain): one finding for each enclosure. */
final readonly class EarthUnsleeved implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        if (! $evidence->board->requirements->earths) {
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
