<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Retention;
use Illuminate\Console\Command;

/** What goes by itself when its time is over; the scheduler does it each night. */
final class TidyCommand extends Command
{
    protected $signature = 'zwindle:tidy';

    protected $description = 'Archive classes whose term is over, and let go what the settings keep no longer';

    public function handle(Retention $retention): int
    {
        foreach ($retention->execute() as $what => $count) {
            $this->line(__("status.tidied.$what", ['count' => $count]));
        }

        return self::SUCCESS;
    }
}
