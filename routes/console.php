<?php

use App\Actions\Bench\HandInOverdue;
use App\Care\Heartbeat;
use App\Models\Assignment;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Heartbeat::now())->everyMinute()->name('heartbeat');

Schedule::command('zwindle:backup')->dailyAt('02:30');

// Work whose time is up is handed in by whoever looks at it first; where nobody looks, by the clock.
Schedule::call(function (HandInOverdue $overdue): void {
    foreach (Assignment::query()->where('mode', 'exam')->whereNotNull('minutes')->whereNull('closed_at')->cursor() as $assignment) {
        $assignment->handInOverdue($overdue);
    }
})->everyFiveMinutes()->name('hand-in-overdue');
