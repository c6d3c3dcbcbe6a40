<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

use Zwindle\Circuit\Net\Circuit;

/** The way that one net takes over the board, box by box. */
final class NetRoute
{
    /**
     * The enclosures from one to the other along cores of the net, the fewest that will do.
     *
     * @return list<string> empty if the net does not join them
     */
    public static function between(Circuit $circuit, int $net, string $from, string $to): array
    {
        $cameFrom = [$from => null];
        $next = [$from];
        while ($next !== [] && ! array_key_exists($to, $cameFrom)) {
            $enclosure = array_shift($next);
            foreach ($circuit->wiring->board->cablesIn($enclosure) as $cable) {
                $far = $cable->farFrom($enclosure);
                foreach ($cable->beyond === null ? $cable->cores : [] as $core) {
                    if ($circuit->nets->at($core->endIn($enclosure)) === $net && ! array_key_exists($far, $cameFrom)) {
                        $cameFrom[$far] = $enclosure;
                        $next[] = $far;
                    }
                }
            }
        }
        if (! array_key_exists($to, $cameFrom)) {
            return [];
        }
        $route = [];
        for ($enclosure = $to; $enclosure !== null; $enclosure = $cameFrom[$enclosure]) {
            array_unshift($route, $enclosure);
        }

        return $route;
    }
}
