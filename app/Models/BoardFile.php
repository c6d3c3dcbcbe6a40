<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\ReadBoard;
use Database\Factories\BoardFileFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Zwindle\Board\Board;

/**
 * A board file in the library; while it is drawn it may have problems. What was set with an earlier version keeps it.
 *
 * @property int $id
 * @property int|null $instructor_id null for the boards that every instructor has
 * @property string $title
 * @property string $practice
 * @property string $brief
 * @property string $json
 * @property int $version counts the saves
 * @property string|null $scheme way of wiring of the preferred plan; empty where there is none, null where nobody has looked yet
 * @property int|null $scheme_of version that the scheme is of
 * @property \Illuminate\Support\Carbon|null $archived_at
 * @property \Illuminate\Support\Carbon $updated_at
 * @property int|null $frozen_of the board that this is an earlier version of
 */
final class BoardFile extends Model
{
    /** @use HasFactory<BoardFileFactory> */
    use HasFactory;

    use SoftDeletes;

    protected $fillable = [
        'instructor_id',
        'title',
        'practice',
        'brief',
        'json',
        'version',
        'frozen_of',
        'archived_at',
        'scheme',
        'scheme_of',
    ];

    protected $casts = ['archived_at' => 'datetime'];

    protected $attributes = ['version' => 1];

    /** @return Builder<BoardFile> of an instructor's library: their own, the house's, and those that others share with them */
    public static function libraryOf(User $instructor): Builder
    {
        $library = self::query();
        $library->whereNull('frozen_of');
        $library->where(function (Builder $own) use ($instructor): void {
            $own->whereNull('instructor_id');
            $own->orWhere('instructor_id', $instructor->id);
            $own->orWhereHas('sharedWith', fn (Builder $shared) => $shared->whereKey($instructor->id));
        });

        return $library;
    }

    /** @return list<int> */
    public static function idsInLibraryOf(User $instructor): array
    {
        return array_values(array_map(intval(...), self::libraryOf($instructor)->pluck('id')->all()));
    }

    /** @return BelongsToMany<User, $this> instructors who have it in their library beside its own */
    public function sharedWith(): BelongsToMany
    {
        $instructors = $this->belongsToMany(User::class, 'board_file_instructor', 'board_file_id', 'instructor_id');
        $instructors->orderBy('name');

        return $instructors;
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class);
    }

    /** @return HasMany<BoardFile, $this> earlier versions that something was set with */
    public function frozen(): HasMany
    {
        return $this->hasMany(self::class, 'frozen_of');
    }

    /** @return HasMany<Assignment, $this> */
    public function assignments(): HasMany
    {
        return $this->hasMany(Assignment::class);
    }

    /** The board as it is drawn: some runs may still be to be chosen. */
    public function drawing(): Board
    {
        return (new ReadBoard)->undecided($this->json);
    }

    public function board(): Board
    {
        return (new ReadBoard)->execute($this->json);
    }
}
