<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Tests\Support\Files;

/** Documents that say how it is now; decisions and the changelog say how it was. */
const DOCUMENTS = [
    'README.md', 'CONTRIBUTING.md', 'docs/architecture.md', 'docs/asvs.md', 'docs/diagnosis.md', 'docs/install.md', 'docs/postgresql.md',
    'docs/quality.md', 'docs/threats.md',
];

/** @return list<string> short names of every class of the project, and of its Vue and TypeScript modules */
function namesOfTheHouse(): array
{
    $names = [];
    foreach (['src', 'app', 'tests', 'database'] as $root) {
        array_push($names, ...array_map(fn (string $path) => basename($path, '.php'), Files::below($root)));
    }
    foreach (Files::below('resources/js', ['ts', 'vue']) as $path) {
        $names[] = explode('.', basename($path))[0];
    }

    return array_values(array_unique($names));
}

it('names in its documents only what there is', function (string $document) {
    $scripts = json_decode(Files::text('composer.json'), true)['scripts'];
    $tasks = json_decode(Files::text('package.json'), true)['scripts'];
    $house = namesOfTheHouse();
    $commands = implode(' ', array_map(fn (string $path) => (string) file_get_contents($path), Files::below('app/Console/Commands')));
    preg_match_all('/`([^`\n]+)`|\]\(([^)#:]+)\)/', Files::text($document), $found, PREG_SET_ORDER);
    $missing = [];
    foreach ($found as $one) {
        $text = $one[1] !== '' ? $one[1] : $one[2];
        $isThere = match (true) {
            // NAME, CODE and ID stand for whatever is added.
            preg_match('/\b(NAME|CODE|ID)\b/', $text) === 1 => true,
            // The database is made when the program starts: what is named is where the program looks for it.
            str_ends_with($text, '.sqlite') => str_contains(Files::text('config/database.php'), basename($text)),
            preg_match('#^(src|app|tests|lang|docs|resources|database|scripts|timings|deploy|bin|schemas|routes|config)/[\w./-]*$#', $text) === 1 => file_exists(Files::path(rtrim($text, '/'))),
            ($one[2] ?? '') !== '' => file_exists(dirname(Files::path($document)).'/'.$text) || file_exists(Files::path($text)),
            preg_match('/^composer ([a-z-]+)/', $text, $name) === 1 => isset($scripts[$name[1]]) || in_array($name[1], ['install', 'audit'], true),
            preg_match('/^npm run ([a-z:-]+)/', $text, $name) === 1 => isset($tasks[$name[1]]),
            preg_match('/^(?:php artisan )?zwindle:([a-z-]+)/', $text, $name) === 1 => str_contains($commands, "zwindle:$name[1]"),
            in_array($text, ['HttpOnly', 'Secure'], true) => true,
            preg_match('/^(?:[A-Z]\w+\\\\)*[A-Z][a-z]\w*(?:::\w+)?$/', $text) === 1 => in_array(Str::afterLast(explode('::', $text)[0], '\\'), $house, true)
                    || is_dir(Files::path('src/'.strtr($text, '\\', '/'))) || is_dir(Files::path('app/'.strtr($text, '\\', '/'))),
            preg_match('#^[A-Z]\w+(/[A-Z]\w+)*/$#', $text) === 1 => is_dir(Files::path("src/$text")) || is_dir(Files::path("app/$text")),
            default => true,
        };
        $isThere || $missing[] = $text;
    }

    expect($found)->not->toBe([])->and($missing)->toBe([]);
})->with(DOCUMENTS);

it('keeps the README short enough to be read', function () {
    expect(count(explode("\n", Files::text('README.md'))))->toBeLessThan(120);
});
