<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an instructor asks on a board, to be set again and again; each save counts.
 *
 * @property int $id
 * @property int $instructor_id
 * @property int $board_file_id
 * @property int $marking_id
 * @property string $title
 * @property string $json
 * @property int $version
 * @property-read BoardFile $boardFile
 * @property-read Marking $marking
 * @property-read User $instructor
 */
final class Task extends Model
{
    protected $fillable = ['instructor_id', 'board_file_id', 'marking_id', 'title', 'json', 'version'];

    protected $attributes = ['version' => 1];

    /** @return BelongsTo<BoardFile, $this> */
    public function boardFile(): BelongsTo
    {
        return $this->belongsTo(BoardFile::class);
    }

    /** @return BelongsTo<Marking, $this> */
    public function marking(): BelongsTo
    {
        return $this->belongsTo(Marking::class);
    }

    /** @return BelongsTo<User, $this> */
    public function instructor(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
