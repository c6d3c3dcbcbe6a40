<?php

declare(strict_types=1);

namespace App\Queries\Sitting;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Evening;
use App\Services\Presence;
use Zwindle\Exam\Sitting\SittingState;

/**
 * Who of an exam can be started with all the others, and why somebody waits: a clock starts for those alone whose seat is open on a
 * screen now, or whom an instructor marked present there; and not while somebody else still sits at the station.
 */
final readonly class WhoIsHere
{
    /** A screen asks every ten seconds; twice unheard and a little more is gone. */
    public const UNHEARD_SECONDS = 35;

    public function __construct(private Presence $presence)
    {
    }

    /** @return array<int, string|null> attempt that waits → why: `not-here`, `station-taken`, `not-open`; null: it can be started */
    public function waiting(Assignment $assignment): array
    {
        $evening = Evening::of($assignment);
        $all = $evening === null ? $assignment->attempts()->get() : collect($evening->attempts())->values();
        $waits = [SittingState::Waiting, SittingState::Held];
        $held = $all->filter(fn (Attempt $attempt) => in_array($attempt->sittingState(), $waits, true));
        $here = $this->here($held->all());
        $taken = $evening === null ? [] : self::behindOthers($evening);
        $why = [];
        foreach ($held->where('assignment_id', $assignment->id) as $attempt) {
            $why[$attempt->id] = match (true) {
                $attempt->sittingState() === SittingState::Held => 'not-open',
                in_array($attempt->id, $taken, true) => 'station-taken',
                ! in_array($attempt->id, $here, true) => 'not-here',
                default => null,
            };
        }

        return $why;
    }

    /**
     * @param  array<Attempt>  $attempts
     * @return list<int> those whose trainee is there
     */
    public function here(array $attempts): array
    {
        $seen = $this->presence->of(array_values(array_map(fn (Attempt $attempt) => $attempt->id, $attempts)));
        $since = now()->subSeconds(self::UNHEARD_SECONDS);

        return array_values(array_map(fn (Attempt $attempt) => $attempt->id, array_filter(
            $attempts,
            fn (Attempt $attempt) => $attempt->present_at !== null || ($seen[$attempt->id] ?? null)?->gte($since) === true,
        )));
    }

    /** @return list<int> attempts at whose station somebody who comes before them is not done */
    private static function behindOthers(Evening $evening): array
    {
        $work = $evening->attempts();
        $isBusy = $behind = [];
        foreach ($evening->plan as $sitting) {
            $attempt = $work[Evening::workKey($sitting)] ?? null;
            if ($attempt === null) {
                continue;
            }
            if ($isBusy[$sitting['station']] ?? false) {
                $behind[] = $attempt->id;
            }
            $isDone = in_array($attempt->sittingState(), [SittingState::HandedIn, SittingState::Withdrawn], true);
            $isBusy[$sitting['station']] = ($isBusy[$sitting['station']] ?? false) || ! $isDone;
        }

        return $behind;
    }
}
