<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/**
 * Reads practices from their files.
 *
 * @phpstan-type CableJson array{id: string, size: string, print: string, colours: string, cores?: list<string>,
 *     earthSize?: string, oldOf?: string}
 * @phpstan-type WallPartJson array{kind: string, material: string, box: string|null, models: list<string>}
 * @phpstan-type ProvingJson array{instruments: list<string>, sourceOhm: float, residualOpensNeutral: bool,
 *     insulationLeastMohm: float, loopMostOhm: array<int, float>, sheet: list<string>}
 * @phpstan-type PracticeJson array{id: string, place: int, name: string, short: string, words: string, nominalV: int, units: string,
 *     paper: array{size: string, scales: list<int>}, reckons: string,
 *     colours: non-empty-array<string, array{needMarkAsLine: list<string>, neutrals: list<string>}>,
 *     cables: list<CableJson>, newSizes: non-empty-list<string>, lines: non-empty-list<string>,
 *     lineSingles: non-empty-list<string>, earthSingles: non-empty-list<string>, singles: list<string>,
 *     spareSingles: list<string>, models: list<string>, wallParts: array<string, WallPartJson>,
 *     connectors: non-empty-list<array{by: string, most: int|null}>, tray: list<array{string, int|null}>,
 *     marks: array{line: string, neutral: string, earth: string}, flags: array<string, string>,
 *     supply: array{breakerA: int, rcdMa?: int},
 *     proving: ProvingJson,
 *     allowances: array{freeM: float, sheathM: float, wastePercent: float, roundUpToM: float},
 *     supports: array{fromBoxM: float, fromPlasticSingleM: float, everyM: float},
 *     wall: array{widthMm: float, heightMm: float}, gridMm: float,
 *     conductorsToABoxScrew: int|null, sleevesAnyCore: bool, sleevesBareEarths: bool, isCommonLinkUsual: bool, hasLetterSymbols: bool,
 *     disputes: array<string, list<string>>, knowsNot: list<string>, source: string}
 */
final class PracticeFile
{
    /** @return array<string, Practice> by id, in their places */
    public static function all(): array
    {
        /** @var array<string, array<string, Practice>> $all */
        static $all = [];
        /** @var array<string, Practice> $read path → the one object of each */
        static $read = [];

        $key = CatalogueFolders::key();
        if (! isset($all[$key])) {
            $practices = [];
            foreach (CatalogueFolders::practices() as $path) {
                $practices[] = $read[$path] ??= self::read($path);
            }
            usort($practices, fn (Practice $one, Practice $other) => [$one->place, $one->id] <=> [$other->place, $other->id]);
            $all[$key] = array_column($practices, null, 'id');
        }

        return $all[$key];
    }

    private static function read(string $path): Practice
    {
        /** @var PracticeJson $json */
        $json = json_decode((string) file_get_contents($path), true, 8, JSON_THROW_ON_ERROR);
        $colours = [];
        foreach ($json['colours'] as $id => $system) {
            $colours[$id] = new ColourSystem($id, self::colours($system['needMarkAsLine']), self::colours($system['neutrals']));
        }

        return new Practice(
            $json['id'],
            $json['place'],
            $json['name'],
            $json['short'],
            $json['words'],
            $json['nominalV'],
            $json['units'] === 'imperial',
            $json['paper']['size'],
            $json['paper']['scales'],
            $json['reckons'] === 'box-fill',
            $colours,
            $json['cables'],
            $json['newSizes'],
            self::colours($json['lines']),
            self::colours($json['lineSingles']),
            self::colours($json['earthSingles']),
            self::colours($json['singles']),
            self::colours($json['spareSingles']),
            $json['models'],
            $json['wallParts'],
            $json['tray'],
            $json['marks'],
            $json['flags'],
            $json['supply'],
            $json['proving'],
            $json['allowances'],
            $json['supports'],
            $json['wall'],
            $json['gridMm'],
            $json['conductorsToABoxScrew'],
            $json['sleevesAnyCore'],
            $json['sleevesBareEarths'],
            $json['isCommonLinkUsual'],
            $json['hasLetterSymbols'],
            $json['disputes'],
            $json['knowsNot'],
            $json['connectors'],
        );
    }

    /**
     * @template T of list<string>
     *
     * @param  T  $names
     * @return (T is non-empty-list<string> ? non-empty-list<Colour> : list<Colour>)
     */
    private static function colours(array $names): array
    {
        return array_map(Colour::from(...), $names);
    }
}
