<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Models\BoardFile;
use Illuminate\Database\Eloquent\Collection;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Search\TimeLimit;

/** Which way boards are wired by their preferred plans: looked up once a version, a few boards each time the library is opened. */
final class LearnWays
{
    private const SECONDS_IN_ALL = 0.25;

    private const SECONDS_A_BOARD = 0.06;

    /** @param  Collection<int, BoardFile>  $boards */
    public function learn(Collection $boards): void
    {
        $end = microtime(true) + self::SECONDS_IN_ALL;
        foreach ($boards as $board) {
            if ($board->scheme_of === $board->version) {
                continue;
            }
            if (microtime(true) > $end) {
                return;
            }
            // Not a change of the board: neither its version nor its time tells of it.
            BoardFile::query()->toBase()->where('id', $board->id)->update($found = [
                'scheme' => self::schemeOf($board),
                'scheme_of' => $board->version,
            ]);
            $board->forceFill($found)->syncOriginal();
        }
    }

    private static function schemeOf(BoardFile $board): string
    {
        $end = microtime(true) + self::SECONDS_A_BOARD;
        try {
            $drawing = $board->drawing();
        } catch (InputRefused) {
            return '';
        }
        $planning = TimeLimit::within(fn () => microtime(true) > $end, fn () => Planner::plan($drawing));

        return ($planning->plans[0] ?? null)?->result->scheme()->value ?? '';
    }
}
