<?php

declare(strict_types=1);

namespace App\Actions\Evenings;

use App\Exceptions\WorkRefused;
use App\Models\Evening;
use App\Models\Record;
use App\Models\User;
use App\Queries\Evenings\PartsOfEvening;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Device;

/** Logs what a part at a station was found to be, so that a bad part never costs a candidate marks. */
final class CheckPart
{
    /** @param  bool|null  $isGood  null: not looked at after all */
    public function execute(Evening $evening, string $station, string $part, ?bool $isGood, string $note, User $who): void
    {
        DB::transaction(function () use ($evening, $station, $part, $isGood, $note, $who): void {
            $evening->touch();
            $evening->refresh();
            $stations = array_column($evening->draft['stations'], 'id');
            $devices = array_map(fn (Device $device) => $device->id, PartsOfEvening::of($evening));
            if (! in_array($station, $stations, true) || ! in_array($part, $devices, true)) {
                throw WorkRefused::because(['part' => __('messages.no-such-part')]);
            }
            $parts = $evening->parts ?? [];
            Record::add('parts', $evening, $who, $parts[$station][$part] ?? null, [$station, $part, $isGood, $note]);
            $parts[$station][$part] = $isGood === null
                ? null
                : ['ok' => $isGood, 'note' => $note, 'at' => now()->toIso8601ZuluString(), 'who' => $who->id];
            $parts[$station] = array_filter($parts[$station]);
            $evening->update(['parts' => $parts]);
        });
    }
}
