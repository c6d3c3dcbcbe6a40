<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/**
 * Where the files of practices and editions are read from: the product's own, and any folder with `practices/` and
 * `editions/` in it that is added.
 */
final class CatalogueFolders
{
    /** @var list<string> */
    private static array $added = [];

    public static function add(string $folder): void
    {
        self::$added = array_values(array_unique([...self::$added, $folder]));
    }

    public static function remove(string $folder): void
    {
        self::$added = array_values(array_diff(self::$added, [$folder]));
    }

    /** What the added folders are, for whoever remembers what it read from them. */
    public static function key(): string
    {
        return implode("\n", self::$added);
    }

    /** @return list<string> paths of practices, the product's own first */
    public static function practices(): array
    {
        return self::files(__DIR__.'/files', 'practices');
    }

    /** @return list<string> paths of editions, the product's own first */
    public static function editions(): array
    {
        return self::files(dirname(__DIR__).'/Editions/files', 'editions');
    }

    /** @return list<string> */
    private static function files(string $own, string $kind): array
    {
        $paths = [];
        foreach ([$own, ...array_map(fn (string $folder) => "$folder/$kind", self::$added)] as $folder) {
            $paths = [...$paths, ...(glob("$folder/*.json") ?: [])];
        }

        return $paths;
    }
}
