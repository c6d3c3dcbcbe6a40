<?php

declare(strict_types=1);

namespace App\Services;

use FilesystemIterator;
use Illuminate\Support\Facades\Cache;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;

/**
 * What the planner made of a board, kept by board, edition and engine: looked through plan by plan it is not worked out anew.
 *
 * A planning that was cut off by time is not kept.
 */
final class KeptPlans
{
    private const SECONDS = 7 * 24 * 3600;

    public function all(Board $board, ?CodeEdition $edition = null): Planning
    {
        $key = self::key($board, $edition, 'all');

        return self::kept($key) ?? $this->keep($key, SearchGate::bounded(fn () => Planner::plan($board, all: true, edition: $edition)));
    }

    /** @return Plan|null null if there is none so far down */
    public function one(Board $board, int $number, ?CodeEdition $edition = null): ?Plan
    {
        $key = self::key($board, $edition, 'all');
        $planning = self::kept("$key/$number");

        return $planning === null ? $this->all($board, $edition)->plans[$number] ?? null : $planning->plans[0];
    }

    /** The one that the planner prefers. */
    public function best(Board $board): ?Plan
    {
        $key = self::key($board, null, 'best');
        $planning = self::kept($key) ?? $this->keep($key, SearchGate::bounded(fn () => Planner::plan($board)));

        return $planning->plans[0] ?? null;
    }

    private function keep(string $key, Planning $planning): Planning
    {
        if ($planning->isFinished()) {
            self::put($key, $planning);
            foreach ($planning->plans as $number => $plan) {
                self::put("$key/$number", new Planning([$plan], [], null, false));
            }
        }

        return $planning;
    }

    private static function put(string $key, Planning $planning): void
    {
        Cache::put($key, $planning, self::SECONDS);
    }

    private static function kept(string $key): ?Planning
    {
        $planning = Cache::get($key);

        return $planning instanceof Planning ? $planning : null;
    }

    private static function key(Board $board, ?CodeEdition $edition, string $which): string
    {
        return "plans/$which/".hash('xxh128', json_encode([
            BoardArray::of($board),
            ($edition ?? $board->edition)->id,
            self::engine(),
        ], JSON_THROW_ON_ERROR));
    }

    /** Tells one state of the core from another: its files with their sizes and times. */
    private static function engine(): string
    {
        /** @var string|null $known */
        static $known = null;
        if ($known === null) {
            $files = [];
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                base_path('src'),
                FilesystemIterator::SKIP_DOTS,
            )) as $file) {
                $files[] = $file->getPathname().$file->getSize().$file->getMTime();
            }
            sort($files);
            $known = hash('xxh128', implode("\n", $files));
        }

        return $known;
    }
}
