<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Everything;
use Illuminate\Console\Command;
use RuntimeException;

/** Everything that is kept, in open formats. */
final class ExportCommand extends Command
{
    protected $signature = 'zwindle:export {file : a ZIP with a file of JSON lines for each table}';

    protected $description = 'Write everything that is kept as JSON lines in a ZIP';

    public function handle(): int
    {
        try {
            Everything::export((string) $this->argument('file'));
        } catch (RuntimeException $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line((string) $this->argument('file'));

        return self::SUCCESS;
    }
}
