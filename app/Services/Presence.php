<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/** Which screens have asked lately. It is not part of anybody's record but for leaving and coming back. */
final class Presence
{
    private const KEPT_SECONDS = 3600;

    private const MOST_A_MINUTE = 20;

    /** A seat that its trainee opens is heard from at once. */
    public function opened(Attempt $attempt, ?User $who): void
    {
        if ($who?->id === $attempt->trainee_id) {
            $this->seen($attempt);
        }
    }

    public function seen(Attempt $attempt): void
    {
        Cache::put(self::key($attempt->id), now()->getTimestamp(), self::KEPT_SECONDS);
    }

    /**
     * @param  list<int>  $attempts
     * @return array<int, Carbon|null> when each was last seen
     */
    public function of(array $attempts): array
    {
        $seen = Cache::many(array_map(self::key(...), $attempts));

        return array_combine($attempts, array_map(
            fn (int $attempt) => ($at = $seen[self::key($attempt)] ?? null) === null ? null : Carbon::createFromTimestamp((int) $at),
            $attempts,
        ));
    }

    public function wentAway(Attempt $attempt, User $who, bool $isAway): void
    {
        if (RateLimiter::attempt("away/$attempt->id", self::MOST_A_MINUTE, fn () => true)) {
            Record::add($isAway ? 'left-page' : 'came-back', $attempt, $who);
        }
    }

    private static function key(int $attempt): string
    {
        return "seen/$attempt";
    }
}
