<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\Boards\ReadBoard;
use Database\Factories\BoardFileFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
 * @property int|null $frozen_of the board that this is an earlier version of
 */
final class BoardFile extends Model
{
    /** @use HasFactory<BoardFileFactory> */
    use HasFactory;

    protected $fillable = ['instructor_id', 'title', 'practice', 'brief', 'json', 'version', 'frozen_of'];

    protected $attributes = ['version' => 1];

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
