<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\DataCheck;
use Illuminate\Console\Command;

/** Says whether what is kept is whole. */
final class CheckDataCommand extends Command
{
    protected $signature = 'zwindle:check-data';

    protected $description = 'Check the database, the judgements that are kept, and the record';

    public function handle(): int
    {
        $faults = DataCheck::faults();
        foreach ($faults as $fault) {
            $this->error($fault);
        }
        $faults === [] && $this->line('All is whole: the database, the judgements, the record.');

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
