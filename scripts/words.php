<?php

declare(strict_types=1);

/**
 * The words of the screens as JSON, for the build of the front end: `{"en": {"bench": {"undo": "Undo"}}}`.
 *
 *   php scripts/words.php [FOLDER OF LANGUAGES]
 */
$root = $argv[1] ?? dirname(__DIR__).'/lang';
$languages = [];
foreach (glob("$root/*/screens/*.php") ?: [] as $path) {
    $languages[basename(dirname($path, 2))][basename($path, '.php')] = require $path;
}
echo json_encode($languages, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
