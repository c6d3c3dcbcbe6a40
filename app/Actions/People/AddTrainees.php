<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exceptions\WorkRefused;
use App\Models\Classroom;
use App\Models\User;
use App\Queries\People\Roster;
use App\Services\PersonalCode;
use App\Services\PersonName;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Puts people into a class, all of them or none, and makes each a name to sign in with and a code. */
final class AddTrainees
{
    public const MOST_IN_CLASS = 200;

    /** Where somebody else writes meanwhile it begins again. */
    private const TRIES = 10;

    /**
     * @param  list<array{name: string, number: string|null, extraPercent: int}>  $people
     * @return list<array{user: User, code: string}> the codes are given here and nowhere again
     *
     * Refuses if a name is none, is there twice or is in the class already, or the class gets too large.
     */
    public function execute(Classroom $classroom, array $people): array
    {
        $codes = array_map(fn () => PersonalCode::make(), $people);
        $hashes = array_map(PersonalCode::hash(...), $codes);

        return DB::transaction(function () use ($classroom, $people, $codes, $hashes): array {
            $this->refuseFaults($classroom, $people);
            $made = $taken = [];
            foreach ($people as $i => $person) {
                $taken[] = $username = PersonName::toSignIn($person['name'], $taken);
                $user = User::query()->create([
                    'name' => $person['name'],
                    'username' => $username,
                    'role' => 'trainee',
                    'password' => $hashes[$i],
                    'student_number' => $person['number'],
                    'extra_percent' => $person['extraPercent'],
                ]);
                $made[] = ['user' => $user, 'code' => $codes[$i]];
            }
            $classroom->trainees()->attach(array_map(fn (array $one) => $one['user']->id, $made));

            return $made;
        }, self::TRIES);
    }

    /** @param  list<array{name: string, number: string|null, extraPercent: int}>  $people */
    private function refuseFaults(Classroom $classroom, array $people): void
    {
        $there = $classroom->listed();
        if (count($there) + count($people) > self::MOST_IN_CLASS) {
            throw WorkRefused::because(['trainees' => __('people.class-full', ['most' => self::MOST_IN_CLASS])]);
        }
        foreach ($people as $i => $person) {
            $fault = match (true) {
                PersonName::fault($person['name']) !== null => PersonName::fault($person['name']),
                Roster::isNumberOdd((string) $person['number']) => 'number-odd',
                self::isThere($person, $there) => 'in-class',
                default => null,
            };
            $there[] = ['name' => $person['name'], 'number' => $person['number']];
            if ($fault !== null) {
                throw WorkRefused::because(["trainees.$i.name" => __("people.fault.$fault", ['name' => $person['name']])]);
            }
        }
    }

    /**
     * Two of one name are two people where both have a number, and not the same.
     *
     * @param  array{name: string, number: string|null, extraPercent: int}  $person
     * @param  list<array{name: string, number: string|null}>  $there
     */
    private static function isThere(array $person, array $there): bool
    {
        return array_filter($there, fn (array $other) => Str::lower($other['name']) === Str::lower($person['name'])
            && ($other['number'] === null || $person['number'] === null || Roster::key($other) === Roster::key($person))) !== [];
    }
}
