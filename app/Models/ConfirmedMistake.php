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
 * @property int $board_file_id
 * @property string $kind
 * @property string $at
 * @property Carbon $found_at
 */
final class ConfirmedMistake extends Model
{
    public $timestamps = false;

    protected $fillable = ['instructor_id', 'board_file_id', 'kind', 'at', 'found_at'];

    protected $casts = ['found_at' => 'datetime'];
}
