<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\WorkRefused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Drill\DrillKind;

/**
 * One short exercise of one person.
 *
 * @property int $id
 * @property int $user_id
 * @property string $kind
 * @property string $practice
 * @property string $seed
 * @property list<string> $measured
 * @property array<int, string>|null $answers
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property int|null $points
 * @property int|null $used
 * @property int|null $best
 * @property-read User $user
 */
final class Drill extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'user_id', 'kind', 'practice', 'seed', 'measured', 'answers', 'started_at', 'ended_at', 'points', 'used', 'best',
    ];

    protected $casts = [
        'measured' => 'array',
        'answers' => 'array',
        'started_at' => 'datetime:Y-m-d H:i:s.v',
        'ended_at' => 'datetime:Y-m-d H:i:s.v',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function kindOf(): DrillKind
    {
        return DrillKind::from($this->kind);
    }

    public function practiceOf(): Practice
    {
        return Practice::from($this->practice);
    }

    public function seconds(): ?int
    {
        return $this->ended_at === null ? null : (int) round($this->started_at->diffInSeconds($this->ended_at, true));
    }

    /** Waits its turn, and reads the drill again. */
    public function claim(): void
    {
        self::query()->toBase()->where('id', $this->id)->update(['user_id' => $this->user_id]);
        $this->refresh();
        $this->ended_at === null || throw WorkRefused::because(['drill' => __('drill.ended')]);
    }
}
