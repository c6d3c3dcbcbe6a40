<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Result;

/** A finding in the trade English of the board: the place and the reason. */
final readonly class FindingSentence
{
    private const MOST_OF_FOLLOW_UP = 2;

    /** From then on 404.2(C) speaks of occupiable rooms too (memory). */
    private const OCCUPIABLE_FROM = 2020;

    private Words $words;

    public function __construct(private Result $result)
    {
        $this->words = Words::of($result->evidence->wiring);
    }

    public function of(Finding $finding): string
    {
        $key = 'findings.'.$finding->code->value;
        if (isset($finding->params['shape'])) {
            $key .= '.'.$finding->params['shape'];
        }
        $sentence = self::isCounted($finding)
            ? $this->words->count($key, (int) $finding->params['count'], $this->params($finding))
            : $this->words->say($key, $this->params($finding));

        return Str::ucfirst(trim($sentence));
    }

    /** @return array<string, string|int> what the sentences of this finding may name */
    public function params(Finding $finding): array
    {
        $given = $finding->params;
        // What follows from something else names two places and counts the rest.
        $most = $finding->causedBy === null ? null : self::MOST_OF_FOLLOW_UP;
        $edition = $this->result->evidence->edition;
        $params = [
            'section' => trim((string) preg_replace("/^$edition->standard/", '', (string) $edition->cite($finding->code->value))),
            'rooms' => $this->words->say('findings.rooms-'.($edition->year < self::OCCUPIABLE_FROM ? 'habitable' : 'occupiable')),
            'at' => $this->places($finding, $most),
            'box' => $this->boxes($finding),
            'spot' => $this->words->spots($finding->at, $most),
        ];
        foreach ($given as $name => $value) {
            $params[$name] = match ($name) {
                'lamp', 'device' => $this->words->device((string) $value),
                'enclosure' => $this->words->box((string) $value),
                'is', 'needs' => $this->words->switchKind((string) $value),
                'spared' => $value === '' ? '' : $this->words->say("findings.spared-$value"),
                'role' => $value === '' ? $this->words->say('findings.current') : $this->words->role((string) $value),
                'mark' => $this->words->role((string) $value),
                'asked', 'found' => $value === '' ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.$value"),
                default => $value,
            };
        }
        if (isset($given['role'])) {
            $params['as'] = $given['role'] === '' ? $params['role'] : $this->words->say("parts.role-as.{$given['role']}");
        }
        if (isset($given['state'])) {
            $params['trips'] = $this->trips((int) $given['state']);
        }

        return $params;
    }

    /** Whether it tells of one end or of several in one box. */
    private static function isCounted(Finding $finding): bool
    {
        return in_array($finding->code, [FindingCode::EndNotCapped, FindingCode::EarthUnsleeved, FindingCode::ConductorOpen], true);
    }

    private function places(Finding $finding, ?int $most): string
    {
        $name = self::isCounted($finding) ? $this->words->shortPlace(...) : $this->words->place(...);

        return $this->words->list(array_map($name, $finding->at), $most);
    }

    private function boxes(Finding $finding): string
    {
        $enclosures = array_unique(array_map($this->words->enclosureOf(...), $finding->at));

        return $this->words->list(array_values(array_map($this->words->box(...), $enclosures)));
    }

    private function trips(int $state): string
    {
        $table = $this->result->evidence->table;
        if (! str_contains($table->trips, '-')) {
            return $this->words->say('findings.trips-always');
        }
        $positions = [];
        foreach ($table->positionsIn($state) as $switch => $position) {
            $positions[] = $this->words->say("findings.$position", ['switch' => $this->words->device($switch)]);
        }

        return $this->words->say('findings.trips-sometimes', ['positions' => $this->words->list($positions)]);
    }
}
