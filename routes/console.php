<?php

use App\Actions\Bench\HandInEveryOverdue;
use App\Care\Heartbeat;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Heartbeat::now())->everyMinute()->name('heartbeat');

Schedule::command('zwindle:backup')->dailyAt('02:30');

// After the copy of the night: what goes now is in it.
Schedule::command('zwindle:tidy')->dailyAt('03:10');

// An exam is locked at its deadline and judged within a minute, whether anybody looks or not.
Schedule::call(fn (HandInEveryOverdue $overdue) => $overdue->execute())->everyMinute()->name('hand-in-overdue')->withoutOverlapping(5);
