<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Models\BoardFile;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Search\TimeLimit;

/** Which way boards are wired by their preferred plans: looked up once a version, a few boards at a time by the clock. */
final class LearnWays
{
    private const SECONDS = 1.0;

    private const MOST = 50;

    public function execute(float $seconds = self::SECONDS): void
    {
        $end = microtime(true) + $seconds;
        $isFirst = true;
        foreach (self::unknown() as $board) {
            $scheme = self::schemeOf($board, $end);
            // What had all of the time and was not finished is not looked for again.
            if ($scheme === null && ! $isFirst) {
                return;
            }
            // Not a change of the board: neither its version nor its time changes.
            BoardFile::query()->toBase()->where('id', $board->id)->update([
                'scheme' => $scheme ?? '',
                'scheme_of' => $board->version,
            ]);
            $isFirst = false;
        }
    }

    /** @return Collection<int, BoardFile> */
    private static function unknown(): Collection
    {
        $boards = BoardFile::query()->whereNull('frozen_of');
        $boards->where(fn (Builder $open) => $open->whereNull('scheme_of')->orWhereColumn('scheme_of', '!=', 'version'));

        return $boards->orderBy('id')->limit(self::MOST)->get();
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
