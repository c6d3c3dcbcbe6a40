<?php

use App\Actions\Bench\HandInOverdue;
use App\Care\Heartbeat;
use App\Models\Assignment;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Heartbeat::now())->everyMinute()->name('heartbeat');

Schedule::command('zwindle:backup')->dailyAt('02:30');

// After the copy of the night: what goes now is in it.
Schedule::command('zwindle:tidy')->dailyAt('03:10');

// Work whose time is up is handed in by whoever looks at it first; where nobody looks, by the clock.
Schedule::call(function (HandInOverdue $overdue): void {
    foreach (Assignment::query()->where('mode', 'exam')->whereNotNull('minutes')->whereNull('closed_at')->cursor() as $assignment) {
        $assignment->handInOverdue($overdue);
    }
})->everyFiveMinutes()->name('hand-in-overdue');
