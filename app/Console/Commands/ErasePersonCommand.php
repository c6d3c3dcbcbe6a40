<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\PersonData;
use App\Models\User;
use Illuminate\Console\Command;

/** Blanks a person, and not the mark. */
final class ErasePersonCommand extends Command
{
    protected $signature = 'zwindle:erase-person
        {username : the name that the person signs in with}
        {--yes : without asking}';

    protected $description = 'Blank a person: name and way in go, marks and the record stay under a number';

    public function handle(): int
    {
        $person = User::query()->where('username', (string) $this->argument('username'))->first();
        if ($person === null) {
            $this->error('Nobody signs in with that name.');

            return self::INVALID;
        }
        if (! $this->option('yes') && ! $this->confirm("Erase $person->name for good? Backups made before still hold the name.")) {
            return self::INVALID;
        }
        PersonData::erase($person);
        $this->line("Erased. The work stands under number $person->id.");
        $this->line('Backups made before still hold the name until they are rotated out.');

        return self::SUCCESS;
    }
}
