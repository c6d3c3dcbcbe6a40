<?php

declare(strict_types=1);

/**
 * Writes a language that nobody speaks, `zz`, beside a copy of the real one: every letter of every sentence is another. What is still
 * English on a screen in this language does not come from the language files.
 *
 *   php tests/Support/made-up-language.php FOLDER
 */
const LETTERS = ['abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ', 'абцдефгхийклмнопярстувшхызАБЦДЕФГХИЙКЛМНОПЯРСТУВШХЫЗ'];
/** Names that are filled in, and which choice is for which count, are not words. */
const NO_WORDS = '/(:[A-Za-z]+|\{\d+\}|\[\d+,(?:\d+|\*)\])/';

$said = function (mixed $text) use (&$said): mixed {
    if (is_array($text)) {
        return array_map($said, $text);
    }
    $parts = preg_split(NO_WORDS, (string) $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
    $letters = array_combine(mb_str_split(LETTERS[0]), mb_str_split(LETTERS[1]));

    return implode('', array_map(fn (string $part, int $i) => $i % 2 === 1 ? $part : strtr($part, $letters), $parts, array_keys($parts)));
};

$folder = $argv[1] ?? exit("php tests/Support/made-up-language.php FOLDER\n");
$root = dirname(__DIR__, 2).'/lang/en';
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
    $inside = substr((string) $file, strlen($root));
    foreach (['en' => fn (array $words) => $words, 'zz' => $said] as $language => $of) {
        is_dir(dirname("$folder/$language$inside")) || mkdir(dirname("$folder/$language$inside"), 0777, true);
        file_put_contents("$folder/$language$inside", '<?php return '.var_export($of(require (string) $file), true).';');
    }
}
