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
    private const SECONDS = 0.25;

    /** @param  Collection<int, BoardFile>  $boards */
    public function execute(Collection $boards): void
    {
        $end = microtime(true) + self::SECONDS;
        $isFirst = true;
        foreach ($boards as $board) {
            if ($board->scheme_of === $board->version) {
                continue;
            }
            $scheme = self::schemeOf($board, $end);
            // What had all of the time and was not finished is not looked for again.
            if ($scheme === null && ! $isFirst) {
                return;
            }
            // Not a change of the board: neither its version nor its time tells of it.
            BoardFile::query()->toBase()->where('id', $board->id)->update($found = [
                'scheme' => $scheme ?? '',
                'scheme_of' => $board->version,
            ]);
            $board->forceFill($found)->syncOriginal();
            $isFirst = false;
        }
    }

    /** Empty where there is none; null where the time was over before it was known. */
    private static function schemeOf(BoardFile $board, float $end): ?string
    {
        try {
            $drawing = $board->drawing();
        } catch (InputRefused) {
            return '';
        }
        $planning = TimeLimit::within(fn () => microtime(true) > $end, fn () => Planner::plan($drawing));
        $best = $planning->plans[0] ?? null;

        return $best === null && ! $planning->isFinished() ? null : $best?->result->scheme()->value ?? '';
    }
}
