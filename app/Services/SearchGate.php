<?php

declare(strict_types=1);

namespace App\Services;

use App\Exceptions\SearchPutOff;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\Cache;
use Zwindle\Plan\Search\TimeLimit;

/**
 * Lets searches through so that nobody else waits for them: each for so long at most, one at a time for each person, and never so
 * many that no worker is left for a trainee's step.
 *
 * Of what is looked at while it is drawn only the newest counts: an earlier look ends as soon as a newer one comes.
 */
final class SearchGate
{
    /** An answer is to come within three seconds. */
    public const MOST_MS = 2300;

    private const LOOK_AROUND_MS = 60;

    private const WAIT_MS = 400;

    /** A worker that was killed gives its place free. */
    private const HELD_SECONDS = 20;

    /**
     * @template T
     *
     * @param  Closure(): T  $search
     * @param  bool  $isLook  whether a newer one of the same person ends it
     * @param  bool  $isBounded  whether it may be cut off by time; what is kept for ever may not
     * @return T
     *
     * @throws SearchPutOff
     */
    public function pass(User $user, Closure $search, bool $isLook = false, bool $isBounded = true): mixed
    {
        $ticket = $isLook ? $this->newest($user) : null;
        $own = Cache::lock("search/of/$user->id", self::HELD_SECONDS);
        $place = null;
        try {
            $this->wait(fn () => $own->get());
            $this->wait(function () use (&$place): bool {
                $place = $this->freePlace();

                return $place !== null;
            }, fn () => $own->release());

            if (! $isBounded) {
                return $search();
            }

            return self::bounded(
                $search,
                fn () => $ticket !== null && $ticket !== (int) Cache::get("search/ticket/$user->id")
                    ? throw SearchPutOff::overtaken()
                    : false,
            );
        } finally {
            $place?->release();
            $own->release();
        }
    }

    /**
     * Work that may take no longer than a search, without a place of its own: a hand-in is judged whoever else searches.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @param  (Closure(): bool)|null  $isPutOff
     * @return T
     */
    public static function bounded(Closure $work, ?Closure $isPutOff = null): mixed
    {
        $watch = app(Stopwatch::class);
        $looked = 0.0;

        return TimeLimit::within(function () use ($watch, &$looked, $isPutOff): bool {
            $now = $watch->ms();
            if ($isPutOff !== null && $now - $looked > self::LOOK_AROUND_MS) {
                $looked = $now;
                $isPutOff();
            }

            return $now > self::MOST_MS;
        }, $work);
    }

    private function newest(User $user): int
    {
        $ticket = (int) (hrtime(true) / 1000);
        Cache::put("search/ticket/$user->id", $ticket, self::HELD_SECONDS);

        return $ticket;
    }

    /** @param  Closure(): bool  $tryIt */
    private function wait(Closure $tryIt, ?Closure $giveUp = null): void
    {
        for ($watch = app(Stopwatch::class); ! $tryIt(); usleep(20_000)) {
            if ($watch->ms() > self::WAIT_MS) {
                $giveUp === null ? null : $giveUp();
                throw SearchPutOff::busy();
            }
        }
    }

    private function freePlace(): ?\Illuminate\Contracts\Cache\Lock
    {
        for ($i = 0; $i < self::places(); $i++) {
            $lock = Cache::lock("search/place/$i", self::HELD_SECONDS);
            if ($lock->get()) {
                return $lock;
            }
        }

        return null;
    }

    /** Half of the workers. */
    private static function places(): int
    {
        return max(1, intdiv((int) (getenv('PHP_CLI_SERVER_WORKERS') ?: 4), 2));
    }
}
