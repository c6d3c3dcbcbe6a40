<?php

use App\Actions\Bench\HandInEveryOverdue;
use App\Actions\Boards\LearnWays;
use App\Actions\Classes\JudgeEveryUnjudged;
use App\Care\Heartbeat;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => Heartbeat::now())->everyMinute()->name('heartbeat');

Schedule::command('zwindle:backup')->dailyAt('02:30');

// After the copy of the night: what goes now is in it.
Schedule::command('zwindle:tidy')->dailyAt('03:10');

// An exam is locked and judged at its deadline, whether anybody looks or not: no page that is read does it.
Schedule::call(fn (HandInEveryOverdue $overdue) => $overdue->execute())->everyTenSeconds()->name('hand-in-overdue')->withoutOverlapping(5);

Schedule::call(fn (JudgeEveryUnjudged $judge) => $judge->execute())->everyMinute()->name('judge-unjudged')->withoutOverlapping(5);

Schedule::call(fn (LearnWays $learn) => $learn->execute())->everyTenSeconds()->name('learn-ways')->withoutOverlapping(5);
