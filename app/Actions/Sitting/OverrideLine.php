<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zwindle\Exam\Grading\KeptGrade;

/** Sets the points of one line of a mark, or of the whole, by hand, with the reason on record. */
final class OverrideLine
{
    /**
     * @param  string  $line  key of a line, or `total`
     * @param  float|null  $points  null: as it was worked out
     */
    public function execute(Attempt $attempt, string $line, ?float $points, string $why, User $who): void
    {
        $most = $this->most($attempt, $line);
        if ($points !== null && $points > $most) {
            throw WorkRefused::because(['points' => __('messages.more-than-the-line', ['most' => $most])]);
        }
        DB::transaction(function () use ($attempt, $line, $points, $why, $who): void {
            $attempt->claim();
            $was = self::pointsOf($attempt, $line);
            $overrides = $attempt->overrides ?? [];
            if ($points === null) {
                unset($overrides[$line]);
            } else {
                $overrides[$line] = ['points' => $points, 'why' => $why];
            }
            $attempt->update(['overrides' => $overrides === [] ? null : $overrides]);
            $now = self::pointsOf($attempt, $line);
            Record::add('override', $attempt, $who, ['line' => $line, 'points' => $was], ['line' => $line, 'points' => $now], $why);
        });
    }

    /** What a line of a mark, or the whole, is as it stands; null while it waits for the eye. */
    private static function pointsOf(Attempt $attempt, string $line): float|int|null
    {
        $kept = $attempt->load('judgement')->judgement?->mark;
        $mark = $kept === null ? null : KeptGrade::observed($kept, $attempt->observed ?? [], $attempt->overrides ?? []);
        if ($line === KeptGrade::TOTAL || $mark === null) {
            return $mark['got'] ?? null;
        }

        return array_column($mark['lines'], 'got', 'key')[$line] ?? null;
    }

    private function most(Attempt $attempt, string $line): int
    {
        /** @var array{total: int, lines: list<array{part: string, what: string, of: int}>}|null $mark */
        $mark = $attempt->judgement?->mark;
        if ($mark === null) {
            throw WorkRefused::because(['line' => __('messages.not-handed-in')]);
        }
        if ($line === KeptGrade::TOTAL) {
            return $mark['total'];
        }
        foreach ($mark['lines'] as $part) {
            if (KeptGrade::key($part) === $line) {
                return $part['of'];
            }
        }
        throw WorkRefused::because(['line' => __('messages.no-such-line')]);
    }
}
