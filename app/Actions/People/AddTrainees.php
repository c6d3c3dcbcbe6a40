<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Puts people into a class, all of them or none, and makes each a name to sign in with and a code. */
final class AddTrainees
{
    public const MOST_IN_CLASS = 200;

    /** Where somebody else writes meanwhile it begins again. */
    private const TRIES = 10;

    /**
     * @param  list<array{name: string, extraPercent: int}>  $people
     * @return list<array{user: User, code: string}> the codes are told here and nowhere again
     *
     * Refuses if a name is none, is there twice or is in the class already, or the class gets too large.
     */
    public function execute(Classroom $classroom, array $people): array
    {
        $codes = array_map(fn () => PersonalCode::make(), $people);
        $hashes = array_map(PersonalCode::hash(...), $codes);

        return DB::transaction(function () use ($classroom, $people, $codes, $hashes): array {
            $this->refuseFaults($classroom, array_column($people, 'name'));
            $made = $taken = [];
            foreach ($people as $i => $person) {
                $taken[] = $username = PersonName::toSignIn($person['name'], $taken);
                $user = User::query()->create([
                    'name' => $person['name'],
                    'username' => $username,
                    'role' => 'trainee',
                    'password' => $hashes[$i],
                    'extra_percent' => $person['extraPercent'],
                ]);
                $made[] = ['user' => $user, 'code' => $codes[$i]];
            }
            $classroom->trainees()->attach(array_map(fn (array $one) => $one['user']->id, $made));

            return $made;
        }, self::TRIES);
    }

    /** @param  list<string>  $names */
    private function refuseFaults(Classroom $classroom, array $names): void
    {
        $there = array_map(Str::lower(...), $classroom->trainees()->pluck('name')->all());
        if (count($there) + count($names) > self::MOST_IN_CLASS) {
            throw ValidationException::withMessages(['trainees' => __('people.class-full', ['most' => self::MOST_IN_CLASS])]);
        }
        foreach ($names as $i => $name) {
            $fault = match (true) {
                in_array(Str::lower($name), $there, true) => 'in-class',
                default => PersonName::fault($name),
            };
            $there[] = Str::lower($name);
            if ($fault !== null) {
                throw ValidationException::withMessages(["trainees.$i.name" => __("people.fault.$fault", ['name' => $name])]);
            }
        }
    }
}
