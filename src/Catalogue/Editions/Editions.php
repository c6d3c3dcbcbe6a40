<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Editions;

use Zwindle\Catalogue\Practices\CatalogueFolders;
use Zwindle\Catalogue\Practices\Practice;

/**
 * The editions that the product knows: one file each in `files/`, in the shape of `schemas/edition.schema.json`.
 *
 * @phpstan-type EditionJson array{id: string, title: string, practice: string, year: int, standard: string,
 *     sections: array<string, string>, source: string, extends?: string,
 *     neutralAtSwitches?: string, isReachableExempt?: bool, earthsInOneAllowance?: int|null}
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
        return array_values(array_filter(self::all(), fn (CodeEdition $edition) => $edition->practice->is($practice)));
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
        /** @var array<string, array<string, CodeEdition>> $all */
        static $all = [];

        return $all[CatalogueFolders::key()] ??= self::read();
    }

    /** @return array<string, CodeEdition> */
    private static function read(): array
    {
        $files = [];
        foreach (CatalogueFolders::editions() as $path) {
            /** @var EditionJson $json */
            $json = json_decode((string) file_get_contents($path), true, 8, JSON_THROW_ON_ERROR);
            $files[$json['id']] = $json;
        }
        $editions = array_map(fn (string $id) => self::one(self::whole($id, $files)), array_keys($files));
        usort($editions, fn (CodeEdition $one, CodeEdition $other) => [$one->year, $one->id] <=> [$other->year, $other->id]);

        return array_column($editions, null, 'id');
    }

    /**
     * With what it leaves out taken from the edition before.
     *
     * @param  array<string, EditionJson>  $files
     * @return EditionJson
     */
    private static function whole(string $id, array $files): array
    {
        $own = $files[$id];
        if (! isset($own['extends'])) {
            return $own;
        }
        $before = self::whole($own['extends'], $files);

        return [...$before, ...$own, 'sections' => [...$before['sections'], ...$own['sections']]];
    }

    /** @param  EditionJson  $json */
    private static function one(array $json): CodeEdition
    {
        return new CodeEdition(
            $json['id'],
            $json['title'],
            Practice::from($json['practice']),
            $json['year'],
            NeutralRule::from($json['neutralAtSwitches'] ?? NeutralRule::None->value),
            $json['isReachableExempt'] ?? false,
            $json['earthsInOneAllowance'] ?? null,
            $json['sections'],
            $json['source'],
            $json['standard'],
        );
    }
}
