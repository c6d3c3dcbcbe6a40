<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Result;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Circuit\Scheme\SchemeVariant;

/** A check's result in the shape of the contract, without its sentences; its states are written one by one (StateLines). */
final class CheckArray
{
    /**
     * @return array{verdict: string, scheme: string|null, schemes: list<string|null>, variants: list<string|null>, states: list<mixed>,
     *     findings: list<array<string, mixed>>}
     */
    public static function of(Result $result): array
    {
        return [
            'verdict' => $result->verdict->value,
            'scheme' => $result->scheme()?->value,
            'schemes' => array_map(fn (?SchemeName $scheme) => $scheme?->value, $result->evidence->schemes),
            'variants' => array_map(fn (?SchemeVariant $variant) => $variant?->value, $result->evidence->variants),
            'states' => [],
            'findings' => array_map(self::finding(...), $result->findings),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        $array = [
            'code' => $finding->code->value,
            'severity' => $finding->severity()->value,
            'at' => $finding->at,
            'reference' => $finding->reference,
        ];

        return $finding->causedBy === null ? $array : [...$array, 'causedBy' => $finding->causedBy];
    }
}
