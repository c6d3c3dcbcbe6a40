<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zwindle\Proving\LoggedAct;

/**
 * One thing done at a board under test; only added, never changed.
 *
 * @phpstan-import-type KeptAct from LoggedAct
 *
 * @property int $id
 * @property int $proof_id
 * @property int $number
 * @property string $key
 * @property KeptAct $act
 * @property Carbon $at
 */
final class ProofAct extends Model
{
    public $timestamps = false;

    protected $fillable = ['proof_id', 'number', 'key', 'act', 'at'];

    protected $casts = ['act' => 'array', 'at' => 'datetime:Y-m-d H:i:s.v'];
}
