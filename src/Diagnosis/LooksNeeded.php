<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\Wiring;

/** How many looks it takes to find a mistake, asked as the diagnosis asks, once every combination is noted. */
final readonly class LooksNeeded
{
    /** A search that takes more is called as long as this. */
    public const MOST_LOOKS = 8;

    private SingleMistakes $singles;

    public function __construct(Wiring $right)
    {
        $this->singles = new SingleMistakes([$right]);
    }

    public function looks(Suspect $truth): int
    {
        $states = $looks = $probes = $parts = [];
        $letters = ['1' => 'on', 'd' => 'dim', '0' => 'off'];
        $trips = ['-' => 'none', 'b' => 'breaker', 'r' => 'rcd'];
        $table = $truth->table();
        for ($state = 0; $state < $table->count(); $state++) {
            $states[] = new SeenState(
                $state,
                array_map(fn (string $column) => $letters[$column[$state]], $table->lamps),
                $trips[$table->trips[$state]],
            );
        }
        for ($count = 0; $count < self::MOST_LOOKS; $count++) {
            $next = Diagnosis::among($this->singles, new Seen(null, [], $states, $looks, $probes, $parts))->next[0] ?? null;
            if ($next === null) {
                return $count;
            }
            $at = (string) $next->at;
            match ($next->kind) {
                'look' => $looks[] = [
                    'point' => $at,
                    'with' => array_values(array_diff($truth->look()->jointAt($at)->points ?? [], [$at])),
                ],
                'probe' => $probes[] = ['point' => $at, 'live' => $truth->isLive($at) ?? false],
                default => $parts[] = ['device' => $at, 'good' => $truth->isGood($at)],
            };
        }

        return self::MOST_LOOKS;
    }
}
