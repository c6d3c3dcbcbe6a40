<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A mistake that was found on a standing board and confirmed: what a diagnosis learns from.
 *
 * @property int $id
 * @property int $instructor_id
 * @property int|null $classroom_id whose board it was; null for one of the library
 * @property int|null $attempt_id
 * @property int $board_file_id
 * @property string $kind
 * @property string $at
 * @property Carbon $found_at
 */
final class ConfirmedMistake extends Model
{
    public $timestamps = false;

    protected $fillable = ['instructor_id', 'classroom_id', 'attempt_id', 'board_file_id', 'kind', 'at', 'found_at'];

    protected $casts = ['found_at' => 'datetime'];
}
