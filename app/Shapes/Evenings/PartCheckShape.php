<?php

declare(strict_types=1);

namespace App\Shapes\Evenings;

use App\Models\Evening;
use App\Queries\Evenings\PartsOfEvening;
use App\Wording\Words;
use Zwindle\Board\Device;

/** The list for a thumb: each station, each switch and lamp, what a good one reads, and what was found. */
final class PartCheckShape
{
    /** @return array<string, mixed> */
    public static function of(Evening $evening): array
    {
        $board = $evening->task->boardFile->drawing();
        $words = new Words($board);
        $parts = PartsOfEvening::of($evening);

        return ['evening' => $evening->id, 'title' => $evening->title, 'stations' => array_map(fn (array $station) => [
            'id' => $station['id'],
            'label' => $station['label'],
            'parts' => array_map(fn (Device $device) => [
                'id' => $device->id,
                'name' => $words->say("bench.look.{$device->face()->look}").' '.$device->id.', '.$words->box($device->enclosure),
                'should' => $words->say("evening.should.{$device->model->kind->value}"),
                'ok' => $evening->parts[$station['id']][$device->id]['ok'] ?? null,
                'note' => $evening->parts[$station['id']][$device->id]['note'] ?? '',
            ], $parts),
        ], $evening->draft['stations'])];
    }
}
