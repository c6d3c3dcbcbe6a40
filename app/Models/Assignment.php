<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A board set to trainees of a class.
 *
 * @property int $id
 * @property int $classroom_id
 * @property int $board_file_id
 * @property int|null $minutes
 * @property \Illuminate\Support\Carbon $created_at
 * @property-read Classroom $classroom
 * @property-read BoardFile $boardFile
 */
final class Assignment extends Model
{
    protected $fillable = ['classroom_id', 'board_file_id', 'minutes'];

    /** @return BelongsTo<Classroom, $this> */
    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }

    /** @return BelongsTo<BoardFile, $this> */
    public function boardFile(): BelongsTo
    {
        return $this->belongsTo(BoardFile::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }
}
