<?php

declare(strict_types=1);

namespace Tests\Support;

use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** The files that tests read: corpus, contract examples and demo boards. */
final class Files
{
    public static function path(string $path): string
    {
        return dirname(__DIR__, 2).'/'.$path;
    }

    /**
     * @param  list<string>  $endings
     * @return list<string> every file below a folder
     */
    public static function below(string $folder, array $endings = ['php']): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::path($folder))) as $file) {
            if ($file instanceof SplFileInfo && in_array($file->getExtension(), $endings, true)) {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }

    public static function text(string $path): string
    {
        $text = file_get_contents(self::path($path));

        return $text === false ? throw new RuntimeException("No file $path") : $text;
    }

    public static function board(string $path): Board
    {
        $problems = new Problems;

        return BoardReader::read(self::text($path), $problems) ?? throw new RuntimeException("$path: ".json_encode($problems->all()));
    }

    public static function wiring(string $boardPath, string $wiringPath): Wiring
    {
        $problems = new Problems;

        return WiringReader::read(self::text($wiringPath), self::board($boardPath), $problems)
            ?? throw new RuntimeException("$wiringPath: ".json_encode($problems->all()));
    }

    /** @return array<string, array{string, string}> every wiring in the repository with its board, by path */
    public static function everyWiring(): array
    {
        $pairs = [];
        foreach (glob(self::path('tests/Corpus/contract/*.wiring.json')) ?: [] as $wiring) {
            $pairs[basename($wiring)] = [
                'tests/Corpus/contract/'.str_replace('.wiring.', '.board.', basename($wiring)),
                'tests/Corpus/contract/'.basename($wiring),
            ];
        }
        foreach (['tests/Corpus/findings', 'tests/Corpus/right', 'database/demo'] as $root) {
            foreach (glob(self::path("$root/*/*.wiring.json")) ?: [] as $wiring) {
                $folder = "$root/".basename(dirname($wiring));
                $own = str_replace('.wiring.', '.board.', basename($wiring));
                $board = is_file(self::path("$folder/$own")) ? $own : 'board.json';
                $pairs[basename($folder).'/'.basename($wiring)] = ["$folder/$board", "$folder/".basename($wiring)];
            }
        }

        return $pairs;
    }

    /** @return array<string, array{string, string}> the wirings that a careful instructor calls right */
    public static function rightWirings(): array
    {
        return array_filter(self::everyWiring(), fn (string $name) => str_ends_with($name, '/right.wiring.json'), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, array{string}> */
    public static function demoBoards(): array
    {
        $boards = [];
        foreach (glob(self::path('database/demo/*/board.json')) ?: [] as $board) {
            $slug = basename(dirname($board));
            $boards[$slug] = ["database/demo/$slug/board.json"];
        }

        return $boards;
    }
}
