<?php

declare(strict_types=1);

namespace App\Shapes\Sitting;

use App\Models\Assignment;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Facades\Lang;

/** The record of an exam: what was done to it and to the work in it, newest first. */
final class RecordShape
{
    private const MOST = 500;

    /** @return list<array<string, mixed>> */
    public static function of(Assignment $assignment): array
    {
        $attempts = $assignment->attempts()->pluck('trainee_id', 'id');
        $all = Record::query()->where(fn ($of) => $of
            ->where(fn ($own) => $own->where('subject', 'assignment')->where('subject_id', $assignment->id))
            ->orWhere(fn ($work) => $work->where('subject', 'attempt')->whereIn('subject_id', $attempts->keys())));
        $all->orderByDesc('id')->limit(self::MOST);
        $records = $all->get();
        $names = User::query()->whereIn('id', $records->pluck('who')->merge($attempts->values())->filter())->pluck('name', 'id');

        return array_values($records->map(fn (Record $record) => [
            'at' => $record->at->toIso8601ZuluString('millisecond'),
            'who' => $record->who === null ? '' : $names[$record->who] ?? "no. $record->who",
            'trainee' => $record->subject === 'attempt' ? $names[$attempts[$record->subject_id] ?? 0] ?? '' : '',
            'what' => Lang::has("sitting.record.$record->what") ? __("sitting.record.$record->what") : $record->what,
            'from' => self::plain($record->from),
            'to' => self::plain($record->to),
            'why' => $record->why,
        ])->all());
    }

    private static function plain(mixed $value): string
    {
        return match (true) {
            $value === null => '',
            is_array($value) => implode(', ', array_filter(
                array_map(self::part(...), array_keys($value), $value),
                fn (string $one) => $one !== '',
            )),
            default => is_string($value) ? $value : (string) json_encode($value),
        };
    }

    /** What was kept of a change, as it is said: "0 points", "open". */
    private static function part(int|string $key, mixed $part): string
    {
        $said = is_bool($part) ? 'sitting.recorded.'.($part ? '' : 'not-').$key : "sitting.recorded.$key";
        $value = match (true) {
            is_array($part) => self::plain($part),
            is_string($part) && Lang::has("sitting.recorded.of-$key.$part") => __("sitting.recorded.of-$key.$part"),
            is_string($part) => $part,
            default => (string) json_encode($part),
        };

        return match (true) {
            $part === null, is_array($part) && $part === [] => '',
            is_int($key), is_array($part) => $value,
            Lang::has($said) => __($said, ['value' => $value]),
            is_bool($part) => $key.($part ? ': yes' : ': no'),
            default => "$key $value",
        };
    }
}
