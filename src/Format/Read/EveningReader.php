<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\Pause;
use Zwindle\Evening\Person;
use Zwindle\Evening\Sitting;
use Zwindle\Evening\Station;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/**
 * Text of an evening file → EveningDraft, or every problem with its pointer.
 *
 * @phpstan-type SittingJson object{person: string, station: string, from: int, to: int, variant: int, retest?: bool}
 * @phpstan-type EveningJson object{title: string, minutes: int, changeoverMinutes: int, variants: int, now?: int,
 *     people: list<object{id: string, name: string, extraPercent?: int, notBefore?: int}>,
 *     stations: list<object{id: string, label: string, nextTo?: list<string>}>, retests?: list<string>,
 *     breaks?: list<object{from: int, to: int}>, fixed?: list<SittingJson>}
 */
final class EveningReader
{
    /** @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to */
    public static function read(string|array|object $given, Problems $problems): ?EveningDraft
    {
        /** @var EveningJson|null $json */
        $json = JsonText::read($given, 'evening', $problems);
        if ($json === null) {
            return null;
        }
        $people = [];
        foreach ($json->people as $i => $person) {
            isset($people[$person->id]) && $problems->add("/people/$i/id", ProblemCode::TwiceUsedId, ['id' => $person->id]);
            $people[$person->id] = new Person($person->id, $person->name, $person->extraPercent ?? 0, $person->notBefore ?? 0);
        }
        $stations = [];
        foreach ($json->stations as $i => $station) {
            isset($stations[$station->id]) && $problems->add("/stations/$i/id", ProblemCode::TwiceUsedId, ['id' => $station->id]);
            $stations[$station->id] = new Station($station->id, $station->label, $station->nextTo ?? []);
        }
        foreach ($json->stations as $i => $station) {
            foreach ($station->nextTo ?? [] as $j => $other) {
                isset($stations[$other]) || $problems->add("/stations/$i/nextTo/$j", ProblemCode::UnknownStation, ['id' => $other]);
            }
        }
        foreach ($json->retests ?? [] as $i => $person) {
            isset($people[$person]) || $problems->add("/retests/$i", ProblemCode::UnknownPerson, ['id' => $person]);
        }
        foreach ($json->breaks ?? [] as $i => $break) {
            $break->to > $break->from || $problems->add("/breaks/$i", ProblemCode::EndsBeforeItBegins);
        }
        foreach ($json->fixed ?? [] as $i => $sitting) {
            isset($people[$sitting->person])
                || $problems->add("/fixed/$i/person", ProblemCode::UnknownPerson, ['id' => $sitting->person]);
            isset($stations[$sitting->station])
                || $problems->add("/fixed/$i/station", ProblemCode::UnknownStation, ['id' => $sitting->station]);
            $sitting->to > $sitting->from || $problems->add("/fixed/$i", ProblemCode::EndsBeforeItBegins);
        }
        if ($problems->any()) {
            return null;
        }

        return new EveningDraft(
            $json->title, $people, $stations, $json->minutes, $json->changeoverMinutes, $json->variants, $json->retests ?? [],
            array_map(fn (object $break) => new Pause($break->from, $break->to), $json->breaks ?? []),
            array_map(self::sitting(...), $json->fixed ?? []),
            $json->now ?? 0,
        );
    }

    /** @param  SittingJson  $json */
    private static function sitting(object $json): Sitting
    {
        return new Sitting($json->person, $json->station, $json->from, $json->to, $json->variant, $json->retest ?? false);
    }
}
