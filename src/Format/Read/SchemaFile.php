<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use stdClass;
use Zwindle\Catalogue\Practices\CatalogueFolders;
use Zwindle\Catalogue\Practices\Practice;

/**
 * A JSON Schema of the project. The practices that it lists, which the files have from `npm run types`, are here those that
 * there are: a folder may have been added.
 */
final class SchemaFile
{
    public static function read(string $path): stdClass
    {
        /** @var array<string, stdClass> $read */
        static $read = [];

        return $read[CatalogueFolders::key()."\n$path"] ??= self::decoded($path);
    }

    private static function decoded(string $path): stdClass
    {
        /** @var stdClass $schema */
        $schema = json_decode((string) file_get_contents($path), false, 64, JSON_THROW_ON_ERROR);

        return self::withPractices($schema);
    }

    private static function withPractices(stdClass $schema): stdClass
    {
        foreach (get_object_vars($schema) as $key => $value) {
            if ($key === 'practice' && $value instanceof stdClass && isset($value->enum)) {
                $value->enum = array_keys(Practice::all());
            }
            foreach (is_array($value) ? $value : [$value] as $part) {
                if ($part instanceof stdClass) {
                    self::withPractices($part);
                }
            }
        }

        return $schema;
    }
}
