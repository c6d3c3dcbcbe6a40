<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\File;
use Tests\Support\Files;

/** @return list<string> what the glossary says nobody says, but for a row that is of one region alone */
function misfits(): array
{
    preg_match_all('/^\|[^|]+\|([^|]+)\|([^|]+)\|$/m', Files::text('docs/glossary.md'), $rows, PREG_SET_ORDER);
    $misfits = [];
    foreach ($rows as [, $of, $not]) {
        if (! str_contains($of, 'Britain') && trim($not) !== 'not' && ! preg_match('/^\s*-+/', $not)) {
            array_push($misfits, ...array_map(trim(...), explode(';', $of === ' North America ' ? '' : $not)));
        }
    }

    return array_values(array_filter($misfits));
}

/** @return array<string, string> place → what a person reads there */
function sentences(): array
{
    $found = [];
    foreach (File::allFiles(lang_path()) as $file) {
        foreach (Arr::dot(require $file->getPathname()) as $key => $text) {
            $found[$file->getRelativePathname().": $key"] = (string) $text;
        }
    }
    foreach ([resource_path('js'), resource_path('views')] as $folder) {
        foreach (File::allFiles($folder) as $file) {
            if (preg_match('/\.(vue|blade\.php)$/', $file->getFilename()) === 1) {
                // Sentences stand in the template and in strings; comments and names of code are nobody's to read.
                $text = (string) preg_replace(['#/\*.*?\*/#s', '#^\s*//.*$#m', '#<!--.*?-->#s'], '', $file->getContents());
                $found[$file->getRelativePathname()] = $text;
            }
        }
    }

    return $found;
}

it('says what tradespeople say', function () {
    $misfits = misfits();
    $sentences = sentences();
    expect(count($misfits))->toBeGreaterThan(20)->and(count($sentences))->toBeGreaterThan(900);

    $heard = [];
    foreach ($sentences as $place => $text) {
        foreach ($misfits as $misfit) {
            if (preg_match('/(?<![\w-])'.preg_quote($misfit, '/').'(?![\w-])/i', $text) === 1) {
                $heard[] = "$place says \"$misfit\"";
            }
        }
    }

    expect($heard)->toBe([]);
});

it('says in each region what is said there', function (string $region, string $misfit) {
    $heard = array_filter(
        sentences(),
        fn (string $text, string $place) => str_starts_with($place, "$region/") && preg_match("/\\b$misfit/i", $text) === 1,
        ARRAY_FILTER_USE_BOTH,
    );

    expect(array_keys($heard))->toBe([]);
})->with([
    ['na', 'strapper'], ['na', 'two-way'], ['na', 'back box'], ['na', 'switched hot'], ['na', '(?<!-)earth\b'],
    ['gb', 'traveler'], ['gb', 'three-way'], ['gb', 'switch leg'], ['gb', 'wire nut'], ['gb', 'switched hot'],
]);
