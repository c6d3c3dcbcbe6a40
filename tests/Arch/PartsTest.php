<?php

declare(strict_types=1);

/** @return list<string> what the product asks for itself */
function partsAskedFor(): array
{
    $read = fn (string $file): array => json_decode((string) file_get_contents(dirname(__DIR__, 2)."/$file"), true);
    $php = $read('composer.json');
    $front = $read('package.json');
    $names = array_keys([...$php['require'], ...$php['require-dev'], ...$front['dependencies'] ?? [], ...$front['devDependencies'] ?? []]);

    return array_values(array_diff($names, ['php']));
}

it('lists every part that it asks for, with its licence', function () {
    $listed = (string) file_get_contents(dirname(__DIR__, 2).'/docs/parts.md');

    expect(array_values(array_filter(
        partsAskedFor(),
        fn (string $name) => preg_match('/^\| '.preg_quote($name, '/').' \| [^|]+ \| [A-Z][^|?]+ \|/m', $listed) !== 1,
    )))->toBe([]);
});
