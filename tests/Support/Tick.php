<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;

/** What goes by the clock, run now: as the scheduler would, without waiting for it. */
final class Tick
{
    public static function of(string $name): void
    {
        $due = array_filter(app(Schedule::class)->events(), fn (Event $event) => $event->description === $name);
        expect($due)->toHaveCount(1);
        array_map(fn (Event $event) => $event->run(app()), $due);
    }
}
