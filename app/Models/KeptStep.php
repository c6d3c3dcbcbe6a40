<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zwindle\Bench\Step as BenchStep;

/**
 * One entry of the append-only list of what a trainee did; never updated, never deleted.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $device
 * @property int $number counted by the device
 * @property int|null $sequence counted by the server; null for a step set aside
 * @property string|null $set_aside why it was not applied
 * @property array<string, mixed> $json
 * @property Carbon $made_at by the device's clock
 * @property Carbon $received_at
 */
final class KeptStep extends Model
{
    protected $table = 'steps';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['attempt_id', 'device', 'number', 'sequence', 'set_aside', 'json', 'made_at', 'received_at'];

    protected $casts = ['json' => 'array', 'made_at' => 'datetime', 'received_at' => 'datetime'];

    public function parsed(): BenchStep
    {
        return BenchStep::of($this->json);
    }
}
