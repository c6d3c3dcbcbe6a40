<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
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
 * @property string $hash of this record and the one before: what is changed or taken out afterwards shows
 */
final class Record extends Model
{
    /** What stands before the first record. */
    public const BEGINNING = 'zwindle';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['at', 'who', 'what', 'subject', 'subject_id', 'from', 'to', 'why', 'hash'];

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
        $record = new self([
            'at' => now(),
            'who' => $who?->id,
            'what' => $what,
            'subject' => strtolower(class_basename($of)),
            'subject_id' => $of->getKey(),
            'from' => $from,
            'to' => $to,
            'why' => $why,
        ]);
        DB::transaction(function () use ($record): void {
            // Written first: whoever comes second waits, and hangs on to what the first one added.
            DB::table('record_chain')->where('id', 1)->increment('count');
            $record->hash = self::hashOf((string) DB::table('record_chain')->where('id', 1)->value('hash'), $record->getAttributes());
            $record->save();
            DB::table('record_chain')->where('id', 1)->update(['hash' => $record->hash]);
        });
    }

    /**
     * The hash of a record that comes after another.
     *
     * @param  array<string, mixed>  $row  as the table has it
     */
    public static function hashOf(string $before, array $row): string
    {
        // Databases write the same moment in their own ways.
        $row['at'] = Carbon::parse((string) $row['at'])->format('Y-m-d H:i:s.v');
        $said = array_map(
            fn (string $field) => isset($row[$field]) ? (string) $row[$field] : null,
            ['at', 'who', 'what', 'subject', 'subject_id', 'from', 'to', 'why'],
        );

        return hash('sha256', $before.json_encode($said, JSON_THROW_ON_ERROR));
    }

    /** @return int|null number of the first record that was changed, or from which one is missing; null where the chain is whole */
    public static function brokenAt(): ?int
    {
        $hash = self::BEGINNING;
        $count = 0;
        $last = 0;
        foreach (DB::table('records')->orderBy('id')->cursor() as $row) {
            $hash = self::hashOf($hash, (array) $row);
            $count++;
            $last = (int) $row->id;
            if ($hash !== $row->hash) {
                return $last;
            }
        }
        $chain = DB::table('record_chain')->where('id', 1)->first();

        return $chain !== null && $chain->hash === $hash && (int) $chain->count === $count ? null : $last + 1;
    }
}
