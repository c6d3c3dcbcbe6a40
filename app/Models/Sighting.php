<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was noted about one attempt's board on the wall while a fault was looked for; the newest counts.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $by
 * @property array{states: list<mixed>, looks: list<mixed>, probes: list<mixed>, parts: list<mixed>} $seen
 */
final class Sighting extends Model
{
    protected $fillable = ['attempt_id', 'by', 'seen'];

    protected $casts = ['seen' => 'array'];
}
