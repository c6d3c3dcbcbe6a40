<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Work that a device made before the end and sent after it: kept as it came, for an instructor to accept or refuse.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $key of the device and its count
 * @property string $kind `answer`, `photograph` or `act`
 * @property array<string, mixed> $body what was sent
 * @property Carbon $made_at by the clock of the device
 * @property Carbon $received_at
 * @property bool|null $accepted
 * @property Carbon|null $decided_at
 */
final class LateAct extends Model
{
    public const ANSWER = 'answer';

    public const PHOTOGRAPH = 'photograph';

    public const ACT = 'act';

    public $timestamps = false;

    protected $fillable = ['attempt_id', 'key', 'kind', 'body', 'made_at', 'received_at', 'accepted', 'decided_at'];

    protected $casts = [
        'body' => 'array',
        'made_at' => 'datetime:Y-m-d H:i:s.v',
        'received_at' => 'datetime:Y-m-d H:i:s.v',
        'accepted' => 'boolean',
        'decided_at' => 'datetime',
    ];
}
