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

// An exam is locked and judged at its deadline, whether anybody looks or not: no page that is read does it. Where the scheduler was
// killed in the middle of it, the next one waits a minute at most.
Schedule::call(fn (HandInEveryOverdue $overdue) => $overdue->execute())->everyTenSeconds()->name('hand-in-overdue')->withoutOverlapping(1);

Schedule::call(fn (JudgeEveryUnjudged $judge) => $judge->execute())->everyMinute()->name('judge-unjudged')->withoutOverlapping(5);

Schedule::call(fn (LearnWays $learn) => $learn->execute())->everyTenSeconds()->name('learn-ways')->withoutOverlapping(5);
