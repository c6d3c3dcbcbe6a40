<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/**
 * The editions that the product knows: one file each in `editions/`, in the shape of `schemas/edition.schema.json`.
 *
 * @phpstan-type EditionJson object{id: string, title: string, practice: string, year: int, neutralAtSwitches: string,
 *     earthsInOneAllowance: int|null, sections: object, source: string}
 */
final class Editions
{
    public static function find(string $id): ?CodeEdition
    {
        return self::all()[$id] ?? null;
    }

    /** @return list<CodeEdition> of one practice, the oldest first */
    public static function of(Practice $practice): array
    {
        return array_values(array_filter(self::all(), fn (CodeEdition $edition) => $edition->practice === $practice));
    }

    /** The newest edition of a practice that the product knows. */
    public static function newest(Practice $practice): CodeEdition
    {
        $editions = self::of($practice);

        return $editions[count($editions) - 1];
    }

    /** @return array<string, CodeEdition> by id, the oldest first */
    public static function all(): array
    {
        /** @var array<string, CodeEdition>|null $all */
        static $all = null;

        return $all ??= self::read();
    }

    /** @return array<string, CodeEdition> */
    private static function read(): array
    {
        $editions = array_map(self::one(...), glob(__DIR__.'/editions/*.json') ?: []);
        usort($editions, fn (CodeEdition $one, CodeEdition $other) => [$one->year, $one->id] <=> [$other->year, $other->id]);

        return array_column($editions, null, 'id');
    }

    private static function one(string $path): CodeEdition
    {
        /** @var EditionJson $json */
        $json = json_decode((string) file_get_contents($path), false, 8, JSON_THROW_ON_ERROR);
        /** @var array<string, string> $sections */
        $sections = (array) $json->sections;

        return new CodeEdition(
            $json->id,
            $json->title,
            Practice::from($json->practice),
            $json->year,
            NeutralRule::from($json->neutralAtSwitches),
            $json->earthsInOneAllowance,
            $sections,
            $json->source,
        );
    }
}
