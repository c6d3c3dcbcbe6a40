<?php

declare(strict_types=1);

namespace App\Queries\Evenings;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\Evening;
use App\Wording\EveningSentence;
use Illuminate\Support\Carbon;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Pause;
use Zwindle\Evening\Person;
use Zwindle\Evening\Seating\EveningPlanner;
use Zwindle\Evening\Sitting;
use Zwindle\Evening\Station;

/**
 * A draft → the plan of the evening. Who has begun stays where they sit, and nobody else begins before now.
 *
 * @phpstan-import-type Draft from Evening
 * @phpstan-import-type SittingArray from Evening
 */
final class PlanEvening
{
    /**
     * @param  Draft  $draft
     * @return array{EveningPlan, EveningDraft}
     *
     * @throws WorkRefused where there can be no plan
     */
    public function execute(array $draft, Classroom $classroom, string $title, ?Evening $kept): array
    {
        $evening = self::core($draft, $classroom, $title, $kept);
        $plan = EveningPlanner::plan($evening);
        if ($plan instanceof NoEvening) {
            throw WorkRefused::because(['stations' => EveningSentence::impossible($plan)]);
        }

        return [$plan, $evening];
    }

    /** @param  Draft  $draft */
    private static function core(array $draft, Classroom $classroom, string $title, ?Evening $kept): EveningDraft
    {
        $names = $classroom->trainees()->pluck('name', 'users.id');
        /** @var array<string, Person> $people */
        $people = [];
        foreach ($draft['people'] as $person) {
            $id = (string) $person['trainee'];
            $people[$id] = new Person($id, (string) ($names[$person['trainee']] ?? $id), $person['extraPercent'], $person['notBefore']);
        }
        $stations = [];
        foreach ($draft['stations'] as $station) {
            $stations[$station['id']] = new Station($station['id'], $station['label'], $station['nextTo']);
        }
        $work = $kept?->attempts() ?? [];
        $start = $kept?->start($work);
        foreach ($kept === null ? [] : self::atGoneStations($kept, $work, $stations) as $person) {
            if (! in_array((int) $person, $draft['retests'], true)) {
                unset($people[$person]);
            }
        }
        $begun = $kept === null || $start === null ? [] : self::begun($kept, $work, $start, $stations);
        $byHand = array_filter(
            array_map(self::sitting(...), $draft['fixed']),
            fn (Sitting $sitting) => array_filter($begun, fn (Sitting $other) => $other->person === $sitting->person
                && $other->isRetest === $sitting->isRetest) === [],
        );
        $fixed = array_filter([...$begun, ...$byHand], fn (Sitting $sitting) => isset($people[$sitting->person]));

        return new EveningDraft(
            $title, $people, $stations, $draft['minutes'], $draft['changeover'], $draft['variants'],
            array_map(strval(...), $draft['retests']),
            array_map(fn (array $break) => new Pause($break['from'], $break['to']), $draft['breaks']),
            array_values($fixed),
            $start === null || $begun === [] ? 0 : max(0, (int) ceil($start->diffInSeconds(now()) / 60)),
        );
    }

    /**
     * Those who have sat at a station that is no more: they are done, and are not seated again.
     *
     * @param  array<string, Attempt>  $work
     * @param  array<string, Station>  $stations
     * @return list<string>
     */
    private static function atGoneStations(Evening $evening, array $work, array $stations): array
    {
        $there = array_filter($evening->plan, fn (array $sitting) => isset($stations[$sitting['station']]));
        $gone = array_diff_key($work, array_flip(array_map(Evening::workKey(...), $there)));

        return array_values(array_map(
            fn (Attempt $attempt) => (string) $attempt->trainee_id,
            array_filter($gone, fn (Attempt $attempt) => $attempt->started_at !== null),
        ));
    }

    /**
     * Those who have begun, by the clock of the evening, at the stations that there still are.
     *
     * @param  array<string, Attempt>  $work
     * @param  array<string, Station>  $stations
     * @return list<Sitting>
     */
    private static function begun(Evening $evening, array $work, Carbon $start, array $stations): array
    {
        $begun = [];
        foreach ($evening->plan as $sitting) {
            $attempt = $work[Evening::workKey($sitting)] ?? null;
            if ($attempt?->started_at === null || ! isset($stations[$sitting['station']])) {
                continue;
            }
            $from = max(0, (int) floor($start->diffInSeconds($attempt->started_at) / 60));
            $begun[] = self::sitting(['from' => $from, 'to' => max($from + 1, self::end($start, $attempt, $sitting))] + $sitting);
        }

        return $begun;
    }

    /** @param  SittingArray  $sitting */
    private static function end(Carbon $start, Attempt $attempt, array $sitting): int
    {
        $end = $attempt->handed_in_at ?? $attempt->dueAt();

        return $end === null ? $sitting['to'] : (int) ceil($start->diffInSeconds($end) / 60);
    }

    /** @param  SittingArray  $array */
    private static function sitting(array $array): Sitting
    {
        return new Sitting(
            $array['person'], $array['station'], $array['from'], $array['to'], $array['variant'], $array['retest'],
        );
    }
}
