<?php

declare(strict_types=1);

namespace Zwindle\Write;

use Zwindle\Check\Finding;
use Zwindle\Check\Result;
use Zwindle\Scheme\SchemeName;
use Zwindle\Solve\TruthTable;

/** A check's result in the shape of the contract, without its sentences. */
final class CheckArray
{
    /**
     * @return array{verdict: string, scheme: string|null, schemes: list<string|null>, states: list<mixed>,
     *     findings: list<array<string, mixed>>}
     */
    public static function of(Result $result): array
    {
        return [
            'verdict' => $result->verdict->value,
            'scheme' => $result->scheme()?->value,
            'schemes' => array_map(fn (?SchemeName $scheme) => $scheme?->value, $result->evidence->schemes),
            'states' => self::states($result->evidence->table),
            'findings' => array_map(self::finding(...), $result->findings),
        ];
    }

    /** @return list<array{switches: object, lamps: object, trip: string|null}> */
    private static function states(TruthTable $table): array
    {
        $states = [];
        for ($state = 0; $state < $table->count(); $state++) {
            $lamps = [];
            foreach (array_keys($table->lamps) as $lamp) {
                $lamps[$lamp] = $table->lampIn($lamp, $state)->value;
            }
            $states[] = [
                'switches' => (object) $table->positionsIn($state),
                'lamps' => (object) $lamps,
                'trip' => $table->tripIn($state)?->value,
            ];
        }

        return $states;
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        $array = [
            'code' => $finding->code->value,
            'severity' => $finding->code->severity()->value,
            'at' => $finding->at,
            'reference' => $finding->reference,
        ];

        return $finding->causedBy === null ? $array : [...$array, 'causedBy' => $finding->causedBy];
    }
}
