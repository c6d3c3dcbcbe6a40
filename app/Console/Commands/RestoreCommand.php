<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Backup;
use App\Care\DataCheck;
use Illuminate\Console\Command;
use RuntimeException;

/** Puts a copy in the place of the database. */
final class RestoreCommand extends Command
{
    protected $signature = 'zwindle:restore
        {copy : a file that zwindle:backup has made}
        {--yes : without asking}';

    protected $description = 'Put a copy in the place of the database; what stood there is kept beside it';

    public function handle(): int
    {
        $copy = (string) $this->argument('copy');
        if (! is_file($copy)) {
            $this->error("There is no file $copy.");

            return self::INVALID;
        }
        $database = (string) config('database.connections.sqlite.database');
        if (! $this->option('yes') && ! $this->confirm("Put $copy in the place of $database? Stop the server first.")) {
            return self::INVALID;
        }
        try {
            $aside = Backup::restore($copy, $database);
        } catch (RuntimeException $fault) {
            $this->error("Nothing was changed. {$fault->getMessage()}");

            return self::FAILURE;
        }
        $this->call('migrate', ['--force' => true]);
        $aside === null || $this->line("What stood there is now $aside.");
        $faults = DataCheck::faults();
        foreach ($faults as $fault) {
            $this->error($fault);
        }

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
