<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Whether an instructor lets a step count that came too late.
 *
 * @property int $step_id
 * @property bool $accepted
 */
final class StepDecision extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'step_id';

    protected $fillable = ['step_id', 'accepted', 'at'];

    protected $casts = ['accepted' => 'boolean', 'at' => 'datetime'];
}
