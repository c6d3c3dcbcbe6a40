<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\PersonData;
use App\Models\User;
use Illuminate\Console\Command;

/** Everything that is kept about a person, as one file of JSON. */
final class ExportPersonCommand extends Command
{
    protected $signature = 'zwindle:export-person {username : the name that the person signs in with}';

    protected $description = 'Print all that is kept about a person, as JSON';

    public function handle(): int
    {
        $person = User::query()->where('username', (string) $this->argument('username'))->first();
        if ($person === null) {
            $this->error('Nobody signs in with that name.');

            return self::INVALID;
        }
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
        $this->line(json_encode(PersonData::of($person), $flags));

        return self::SUCCESS;
    }
}
