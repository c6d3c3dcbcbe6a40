<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use LogicException;

/**
 * Who did what, when, from what to what, and why. Only ever added to; a person is named by number.
 *
 * @property int $id
 * @property Carbon $at
 * @property int|null $who
 * @property string $what
 * @property string $subject
 * @property int $subject_id
 * @property mixed $from
 * @property mixed $to
 * @property string $why
 */
final class Record extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['at', 'who', 'what', 'subject', 'subject_id', 'from', 'to', 'why'];

    protected $casts = ['at' => 'datetime', 'from' => 'array', 'to' => 'array'];

    protected static function booted(): void
    {
        $refuse = fn () => throw new LogicException('Records are only added to.');
        self::updating($refuse);
        self::deleting($refuse);
    }

    /** Adds what was done to an attempt, an assignment or an evening. */
    public static function add(string $what, Model $of, ?User $who, mixed $from = null, mixed $to = null, string $why = ''): void
    {
        self::query()->create([
            'at' => now(),
            'who' => $who?->id,
            'what' => $what,
            'subject' => strtolower(class_basename($of)),
            'subject_id' => $of->getKey(),
            'from' => $from,
            'to' => $to,
            'why' => $why,
        ]);
    }
}
