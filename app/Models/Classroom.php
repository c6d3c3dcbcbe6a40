<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ClassroomFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property int $instructor_id
 * @property string $name
 * @property \Illuminate\Support\Carbon|null $archived_at
 * @property \Illuminate\Support\Carbon|null $ends_on last day of the term
 * @property-read \Illuminate\Database\Eloquent\Collection<int, User> $trainees
 * @property-read \Illuminate\Database\Eloquent\Collection<int, User> $sharedWith
 */
final class Classroom extends Model
{
    /** @use HasFactory<ClassroomFactory> */
    use HasFactory;

    protected $fillable = ['instructor_id', 'name', 'archived_at', 'ends_on'];

    protected $casts = ['archived_at' => 'datetime', 'ends_on' => 'date:Y-m-d'];

    /** @return BelongsToMany<User, $this> */
    public function trainees(): BelongsToMany
    {
        $trainees = $this->belongsToMany(User::class, 'classroom_trainee', 'classroom_id', 'trainee_id');
        $trainees->wherePivotNull('left_at');
        $trainees->orderBy('name');

        return $trainees;
    }

    /** @return list<array{name: string, number: string|null}> who is in it, by name and student number */
    public function listed(): array
    {
        return array_values($this->trainees()->get(['users.name', 'users.student_number'])->map(
            fn (User $trainee) => ['name' => $trainee->name, 'number' => $trainee->student_number],
        )->all());
    }

    /** @return BelongsToMany<User, $this> instructors who teach it beside its own */
    public function sharedWith(): BelongsToMany
    {
        $instructors = $this->belongsToMany(User::class, 'classroom_instructor', 'classroom_id', 'instructor_id');
        $instructors->orderBy('name');

        return $instructors;
    }

    /** Into the class, or back into it. */
    public function takeIn(User $trainee): void
    {
        DB::table('classroom_trainee')->upsert(
            [['classroom_id' => $this->id, 'trainee_id' => $trainee->id, 'left_at' => null]],
            ['classroom_id', 'trainee_id'],
            ['left_at'],
        );
    }

    /** Out of the class; what they did in it stays, and they can be taken back. */
    public function letGo(User $trainee): void
    {
        $this->trainees()->updateExistingPivot($trainee->id, ['left_at' => now()]);
    }

    public function isTaughtBy(User $user): bool
    {
        return $user->isInstructor()
            && ($this->instructor_id === $user->id || $this->sharedWith()->whereKey($user->id)->exists());
    }

    /** @return Builder<Classroom> their own, and those that others share with them */
    public static function taughtBy(User $user): Builder
    {
        return self::query()->where(fn (Builder $own) => $own->where('instructor_id', $user->id)
            ->orWhereHas('sharedWith', fn (Builder $shared) => $shared->whereKey($user->id)));
    }

    /** @return HasMany<Assignment, $this> */
    public function assignments(): HasMany
    {
        return $this->hasMany(Assignment::class);
    }
}
