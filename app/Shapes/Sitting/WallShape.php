<?php

declare(strict_types=1);

namespace App\Shapes\Sitting;

use App\Models\Attempt;
use App\Models\Evening;
use App\Queries\Sitting\WhoIsHere;
use App\Services\Presence;
use Illuminate\Support\Carbon;
use Zwindle\Exam\Sitting\SittingMove;
use Zwindle\Exam\Sitting\SittingMoves;
use Zwindle\Exam\Sitting\SittingState;

/**
 * The room as it stands: every station with who sits there, how far, and a plain word where something is wrong. Nothing in it
 * tells a verdict.
 *
 * @phpstan-import-type SittingArray from Evening
 */
final class WallShape
{
    private const IDLE_MINUTES = 3;

    private const LATE_MINUTES = 2;

    /** @var array<string, Attempt> */
    private array $work;

    /** @var array<int, Carbon|null> */
    private array $seen;

    /** @var list<int> attempts whose trainee is there */
    private array $here;

    private function __construct(private readonly Evening $evening, Presence $presence)
    {
        $this->work = $evening->attempts();
        $this->here = (new WhoIsHere($presence))->here($this->work);
        $this->seen = $presence->of(array_values(array_map(fn (Attempt $attempt) => $attempt->id, $this->work)));
    }

    /** @return array<string, mixed> without times that run by themselves, so that the same room is reported once */
    public static function of(Evening $evening, Presence $presence): array
    {
        $wall = new self($evening, $presence);

        return [
            'evening' => $evening->id,
            'title' => $evening->title,
            'classroom' => $evening->classroom->name,
            'assignment' => $evening->assignment_id,
            'retest' => $evening->retest_assignment_id,
            'isHeld' => $evening->assignment?->held_at !== null,
            'isClosed' => $evening->assignment?->closed_at !== null,
            'startsAt' => $evening->starts_at?->toIso8601ZuluString(),
            'stations' => array_map($wall->station(...), $evening->draft['stations']),
        ];
    }

    /**
     * @param  array{id: string, label: string, x: int, y: int, surface: string, nextTo: list<string>}  $station
     * @return array<string, mixed>
     */
    private function station(array $station): array
    {
        $here = array_values(array_filter($this->evening->plan, fn (array $sitting) => $sitting['station'] === $station['id']));
        $now = $this->current($here);

        return [
            'id' => $station['id'],
            'label' => $station['label'],
            'x' => $station['x'],
            'y' => $station['y'],
            'surface' => $station['surface'],
            'parts' => count(array_filter($this->evening->parts[$station['id']] ?? [], fn (array $part) => ! $part['ok'])),
            'now' => $now === null ? null : $this->plate($here[$now], $station['surface']),
            'next' => array_map(fn (array $sitting) => [
                'name' => $this->work[Evening::workKey($sitting)]->trainee->name ?? '',
                'from' => $sitting['from'],
                'retest' => $sitting['retest'],
            ], $now === null ? [] : array_slice($here, $now + 1)),
        ];
    }

    /**
     * Who sits there: the first who is not done; after the last, the last.
     *
     * @param  list<SittingArray>  $here  by time
     */
    private function current(array $here): ?int
    {
        foreach ($here as $i => $sitting) {
            $state = ($this->work[Evening::workKey($sitting)] ?? null)?->sittingState();
            if ($state !== null && ! in_array($state, [SittingState::HandedIn, SittingState::Withdrawn], true)) {
                return $i;
            }
        }

        return array_key_last(array_filter($here, fn (array $sitting) => isset($this->work[Evening::workKey($sitting)])));
    }

    /**
     * @param  SittingArray  $sitting
     * @return array<string, mixed>
     */
    private function plate(array $sitting, string $surface): array
    {
        $attempt = $this->work[Evening::workKey($sitting)];
        $state = $attempt->sittingState();

        return [
            'attempt' => $attempt->id,
            'trainee' => $attempt->trainee_id,
            'name' => $attempt->trainee->name,
            'state' => $state->value,
            // While the clock is paused its end moves on: the time left is given instead.
            'dueAt' => $state === SittingState::Paused ? null : $attempt->dueAt()?->toIso8601ZuluString(),
            'left' => $state === SittingState::Paused ? (int) now()->diffInSeconds($attempt->dueAt() ?? now()) : null,
            'from' => $sitting['from'],
            'to' => $sitting['to'],
            'retest' => $sitting['retest'],
            'placed' => $attempt->placed ?? 0,
            'ends' => $attempt->ends ?? 0,
            'isHere' => $this->isHere($attempt),
            'moves' => array_values(array_filter(
                array_map(fn (SittingMove $move) => $move->value, SittingMoves::from($state)),
                fn (string $move) => $move !== SittingMove::Present->value || ! $this->isHere($attempt),
            )),
            'word' => $this->word($attempt, $state, $sitting, $surface),
        ];
    }

    private function isHere(Attempt $attempt): bool
    {
        return in_array($attempt->id, $this->here, true);
    }

    /** A screen that waited for the clock counts; what was seen long before it does not. */
    private function seenSinceItBegan(Attempt $attempt): ?Carbon
    {
        $seen = $this->seen[$attempt->id] ?? null;
        $from = $attempt->started_at?->copy()->subSeconds(WhoIsHere::UNHEARD_SECONDS);

        return $seen !== null && $from !== null && $seen->lt($from) ? null : $seen;
    }

    /** @param  SittingArray  $sitting */
    private function word(Attempt $attempt, SittingState $state, array $sitting, string $surface): ?string
    {
        $seen = $this->seenSinceItBegan($attempt);
        $isScreen = $surface === 'screen';
        $due = $this->evening->starts_at?->copy()->addMinutes($sitting['from'] + self::LATE_MINUTES);

        return match (true) {
            $state === SittingState::Waiting && $due?->isPast() === true && ! $this->isHere($attempt) => __('evening.word.late'),
            $state !== SittingState::Running => null,
            $isScreen && $seen === null => __('evening.word.no-device'),
            $isScreen && $seen->diffInSeconds(now()) > WhoIsHere::UNHEARD_SECONDS => __('evening.word.offline'),
            $isScreen && $attempt->updated_at->diffInMinutes(now()) >= self::IDLE_MINUTES => __('evening.word.idle'),
            $attempt->refused_at !== null && $attempt->refused_at->gte($attempt->updated_at) => __('evening.word.refused'),
            default => null,
        };
    }
}
