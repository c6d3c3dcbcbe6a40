<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\LoggedAct;

/**
 * How one attempt's board stands under test. One that was begun afresh is kept with its end.
 *
 * @phpstan-import-type KeptBoard from BoardUnderTest
 *
 * @property int $id
 * @property int $attempt_id
 * @property KeptBoard $state
 * @property int $acts_count
 * @property Carbon|null $ended_at
 * @property-read Attempt $attempt
 * @property-read Collection<int, ProofAct> $acts
 */
final class Proof extends Model
{
    protected $fillable = ['attempt_id', 'state', 'acts_count', 'ended_at'];

    protected $casts = ['state' => 'array', 'ended_at' => 'datetime'];

    protected $attributes = ['acts_count' => 0];

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return HasMany<ProofAct, $this> in the order in which they were done */
    public function acts(): HasMany
    {
        $acts = $this->hasMany(ProofAct::class);
        $acts->orderBy('number');

        return $acts;
    }

    public function asCore(): BoardUnderTest
    {
        return BoardUnderTest::kept($this->state);
    }

    /** @return list<LoggedAct> */
    public function log(): array
    {
        return array_values($this->acts->map(fn (ProofAct $act) => LoggedAct::kept($act->act))->all());
    }
}
