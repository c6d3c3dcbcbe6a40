<?php

declare(strict_types=1);

// Writes every part that is shipped or used for the tests, with its version and licence: `composer parts`. Of PHP what is installed, of
// the front end what the lock file names.

$root = dirname(__DIR__);

/** @return list<array{string, string, string, string}> name, version, licence, what for */
function phpParts(string $root): array
{
    $installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true);
    $rows = [];
    foreach ($installed['packages'] as $package) {
        $isDev = in_array($package['name'], $installed['dev-package-names'], true);
        $rows[] = [$package['name'], ltrim($package['version'], 'v'), implode(' or ', $package['license'] ?? ['?']), $isDev ? 'tests' : 'shipped'];
    }

    return $rows;
}

/** @return list<array{string, string, string, string}> */
function frontEndParts(string $root): array
{
    $lock = json_decode((string) file_get_contents("$root/package-lock.json"), true);
    $rows = [];
    foreach ($lock['packages'] as $path => $package) {
        $name = preg_replace('#^.*node_modules/#', '', $path);
        if ($path !== '') {
            $isBuild = ($package['dev'] ?? false) || ($package['devOptional'] ?? false) || ($package['optional'] ?? false);
            $rows["$name {$package['version']}"] = [$name, $package['version'], $package['license'] ?? '?', $isBuild ? 'build, tests' : 'shipped'];
        }
    }

    return array_values($rows);
}

/** @param  list<array{string, string, string, string}>  $rows */
function table(array $rows): string
{
    sort($rows);

    return "| part | version | licence | for |\n|---|---|---|---|\n".implode('', array_map(fn (array $row) => '| '.implode(' | ', $row)." |\n", $rows));
}

$front = frontEndParts($root);
$faces = [
    ['Atkinson Hyperlegible', '1.006', 'OFL-1.1', 'shipped'],
    ['Barlow Condensed', '1.408', 'OFL-1.1', 'shipped'],
];
file_put_contents("$root/docs/parts.md", "# Parts\n\nMade by `composer parts`; not written by hand.\n\n## PHP\n\n".table(phpParts($root))
    ."\n## Front end\n\n".table($front)."\n## Faces on paper\n\n".table($faces));
