<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Backup;
use Illuminate\Console\Command;
use RuntimeException;

/** Copies the database while it is in use. */
final class BackupCommand extends Command
{
    protected $signature = 'zwindle:backup
        {--to= : directory of the copies; where BACKUP_DIRECTORY says where it is left out}
        {--keep= : copies that stay, the newest}';

    protected $description = 'Copy the database while it is in use, prove the copy, and keep the newest ones';

    public function handle(): int
    {
        $keep = (int) ($this->option('keep') ?? Backup::KEPT);
        if ($keep < 1) {
            $this->error('Keep one copy at least.');

            return self::INVALID;
        }
        try {
            $path = Backup::take((string) ($this->option('to') ?? config()->string('app.backups')), $keep);
        } catch (RuntimeException $fault) {
            $this->error("No backup was made. {$fault->getMessage()}");

            return self::FAILURE;
        }
        $this->line($path);

        return self::SUCCESS;
    }
}
