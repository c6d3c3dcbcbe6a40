<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpToken;

/** The rooms of the core as the code has them: each folder of src/ that holds classes, and what it imports. */
final class Rooms
{
    private const NAMES = [T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED];

    /** @return array<string, list<string>> room → rooms of the core and foreign namespaces (`Brick\Math`) that it imports */
    public static function imports(): array
    {
        $imports = [];
        foreach (Files::below('src') as $path) {
            $room = self::roomOf(dirname($path));
            $imports[$room] ??= [];
            foreach (PhpToken::tokenize((string) file_get_contents($path)) as $token) {
                $name = ltrim($token->text, '\\');
                if ($token->is(self::NAMES) && str_contains($name, '\\')) {
                    $imports[$room][self::spaceOf($name)] = true;
                }
            }
            unset($imports[$room][$room]);
        }
        ksort($imports);

        return array_map(fn (array $found) => array_keys($found), $imports);
    }

    /** @return list<string> folders of src/ that hold classes, as `Circuit\Net` */
    public static function all(): array
    {
        return array_keys(self::imports());
    }

    /** The first part of a room's name: `Circuit` of `Circuit\Net`. */
    public static function groupOf(string $room): string
    {
        return explode('\\', $room)[0];
    }

    private static function roomOf(string $folder): string
    {
        return strtr(substr($folder, strlen(Files::path('src/'))), '/', '\\');
    }

    /** The room that a class of the core stands in, or the first two parts of another namespace. */
    private static function spaceOf(string $name): string
    {
        $space = explode('\\', $name);
        if ($space[0] !== 'Zwindle') {
            return implode('\\', array_slice($space, 0, 2));
        }

        return implode('\\', array_slice($space, 1, is_dir(Files::path('src/'.implode('/', array_slice($space, 1)))) ? null : -1));
    }
}
