<?php

declare(strict_types=1);

namespace Tests\Support;

/** The floors of app/ as they are: each a folder, sorted inside by what it serves. */
final class Floors
{
    /** Side by side in the picture, whoever comes in first. */
    public const ROWS = [
        ['Http', 'Console'],
        ['Care', 'Policies', 'Actions'],
        ['Paper', 'Shapes', 'Queries'],
        ['Services', 'Wording', 'Models'],
        ['Files', 'Exceptions', 'Enums', 'Providers'],
    ];

    /** @return array<string, list<string>> floor → its folders */
    public static function folders(): array
    {
        $folders = [];
        foreach (glob(Files::path('app/*'), GLOB_ONLYDIR) ?: [] as $floor) {
            $folders[basename($floor)] = array_map(basename(...), glob("$floor/*", GLOB_ONLYDIR) ?: []);
        }

        return $folders;
    }
}
