<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\User;
use App\Services\PersonalCode;
use Illuminate\Support\Facades\DB;

/** All that is kept about a person; and blanking the person, not the mark. */
final class PersonData
{
    private const OF_ATTEMPTS = ['steps', 'judgements', 'proofs', 'sightings', 'photographs', 'placed_faults', 'late_acts'];

    /** @return array<string, mixed> rows as the tables have them, without what only signs in */
    public static function of(User $person): array
    {
        $rows = fn (string $table, string $column, mixed $value): array => DB::table($table)->whereIn($column, (array) $value)
            ->orderBy('id')->get()->map(fn (object $row) => (array) $row)->all();
        $attempts = $rows('attempts', 'trainee_id', $person->id);
        $ids = array_column($attempts, 'id');
        $found = [
            'person' => $person->only(['id', 'name', 'username', 'role', 'extra_percent', 'student_number'])
                + ['since' => $person->created_at],
            'classes' => DB::table('classroom_trainee')->join('classrooms', 'classrooms.id', '=', 'classroom_id')
                ->where('trainee_id', $person->id)->pluck('classrooms.name')->all(),
            'attempts' => $attempts,
        ];
        foreach (self::OF_ATTEMPTS as $table) {
            $found[$table] = $rows($table, 'attempt_id', $ids);
        }
        $found['proof_acts'] = $rows('proof_acts', 'proof_id', array_column($found['proofs'], 'id'));
        $found['drills'] = $rows('drills', 'user_id', $person->id);
        $found['records'] = DB::table('records')->where('who', $person->id)->orWhere(
            fn ($query) => $query->where('subject', 'attempt')->whereIn('subject_id', $ids),
        )->orWhere(fn ($query) => $query->where('subject', 'user')->where('subject_id', $person->id))
            ->orderBy('id')->get()->map(fn (object $row) => (array) $row)->all();

        return $found;
    }

    /**
     * Name and way in are blanked, photographs and what instructors wrote of the work go. Steps, judgements, marks and the record stay:
     * they name a person by number.
     */
    public static function erase(User $person): void
    {
        DB::transaction(function () use ($person): void {
            $attempts = DB::table('attempts')->where('trainee_id', $person->id);
            DB::table('photographs')->whereIn('attempt_id', $attempts->clone()->select('id'))->orWhere('by', $person->id)->delete();
            DB::table('late_acts')->whereIn('attempt_id', $attempts->clone()->select('id'))->where('kind', 'photograph')->delete();
            $attempts->update(['note' => null]);
            $person->update([
                'name' => "Erased $person->id",
                'username' => User::erasedName($person->id),
                'student_number' => null,
                'password' => PersonalCode::make().PersonalCode::make(),
                'second_factor' => null,
                'epoch' => $person->epoch + 1,
                'extra_percent' => 0,
            ]);
        });
    }
}
