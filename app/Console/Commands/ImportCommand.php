<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\DataCheck;
use App\Care\Everything;
use Illuminate\Console\Command;
use RuntimeException;

/** Puts everything that was exported into an empty installation. */
final class ImportCommand extends Command
{
    protected $signature = 'zwindle:import {file : what zwindle:export has written}';

    protected $description = 'Put everything that was exported into an empty installation';

    public function handle(): int
    {
        try {
            $rows = Everything::import((string) $this->argument('file'));
        } catch (RuntimeException $fault) {
            $this->error("Nothing was changed. {$fault->getMessage()}");

            return self::FAILURE;
        }
        $this->line("$rows rows.");
        $faults = DataCheck::faults();
        foreach ($faults as $fault) {
            $this->error($fault);
        }

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
