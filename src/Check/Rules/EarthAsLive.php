<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/** A bare, green or green-and-yellow core carries line, switched line, a traveller or neutral. */
final readonly class EarthAsLive implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            if (! $core->colour->isEarths()) {
                continue;
            }
            $reachesEarth = $evidence->roles->has($core->ends()[0], Role::Earth);
            $at = $reachesEarth ? self::endsOnCurrent($evidence, $core) : $core->ends();
            if ($at !== [] && ($reachesEarth || self::roleOf($evidence, $core) !== Role::None)) {
                yield new Finding(FindingCode::EarthAsLive, $at, ['role' => $reachesEarth ? '' : self::roleOf($evidence, $core)->value]);
            }
        }
    }

    /**
     * Ends of an earthed core that are joined to a terminal where current belongs, or, where the earth alone brings a
     * lamp's current back, to the conductor that brings it there.
     *
     * @return list<string>
     */
    private static function endsOnCurrent(Evidence $evidence, Core $core): array
    {
        $isOnlyReturn = $evidence->roles->at($core->ends()[0]) === [Role::Earth]
            && $evidence->hasCurrentTerminal($evidence->netOfCore($core));
        $ends = [];
        foreach ($core->ends() as $end) {
            foreach ($evidence->wiring->jointAt($end)->points ?? [] as $other) {
                $point = $evidence->point($other);
                $isInsulated = $isOnlyReturn && $point->core !== null && ! $point->core->colour->isEarths();
                if ($isInsulated || ($point->terminal !== null && ! $point->isEarthing())) {
                    $ends[] = $end;
                }
            }
        }

        return array_values(array_unique($ends));
    }

    private static function roleOf(Evidence $evidence, Core $core): Role
    {
        return $evidence->roles->ofCore($core);
    }
}
