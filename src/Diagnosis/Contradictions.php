<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** Entries that say something else than an earlier one of the same thing. */
final class Contradictions
{
    /** @return list<string> pointers, the later of each two */
    public static function in(Seen $seen): array
    {
        $told = [];
        $pointers = [];
        $tell = function (string $what, string $says, string $pointer) use (&$told, &$pointers): void {
            if (($told[$what] ?? $says) !== $says) {
                $pointers[$pointer] = $pointer;
            }
            $told[$what] ??= $says;
        };
        foreach ($seen->states as $i => $state) {
            foreach ($state->lamps as $lamp => $does) {
                $tell("lamp $lamp $state->state", $does, "/states/$i");
            }
            $state->trip === null || $tell("trip $state->state", $state->trip, "/states/$i");
        }
        foreach ($seen->looks as $i => $look) {
            foreach ($look['with'] as $other) {
                $tell("joint $look[point] $other", 'yes', "/looks/$i");
                $tell("joint $other $look[point]", 'yes', "/looks/$i");
            }
            $all = $look['with'];
            sort($all);
            $tell("look $look[point]", implode(' ', $all), "/looks/$i");
        }
        foreach ($seen->looks as $i => $look) {
            foreach ($seen->looks as $j => $other) {
                if ($j > $i && in_array($other['point'], $look['with'], true) !== in_array($look['point'], $other['with'], true)) {
                    $pointers["/looks/$j"] = "/looks/$j";
                }
            }
        }
        foreach ($seen->probes as $i => $probe) {
            $tell("probe $probe[point]", $probe['live'] ? 'live' : 'dead', "/probes/$i");
        }
        foreach ($seen->parts as $i => $part) {
            $tell("part $part[device]", $part['good'] ? 'good' : 'bad', "/parts/$i");
        }

        return array_values($pointers);
    }
}
