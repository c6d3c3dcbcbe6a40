<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Services\OwnPassword;
use App\Services\PersonName;
use Database\Seeders\HouseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** The first account of an installation without demo data; a name that is there gets a new password. */
final class InstructorCommand extends Command
{
    protected $signature = 'zwindle:instructor
        {name : as the person is called}
        {--password= : 10 characters at least; one is made where it is left out}';

    protected $description = 'Make an instructor\'s account, or give an instructor a new password';

    public function handle(HouseSeeder $house): int
    {
        $name = PersonName::tidy((string) $this->argument('name'));
        $fault = PersonName::fault($name);
        $password = $this->option('password');
        if ($fault !== null) {
            $this->error(__("people.fault.$fault", ['name' => $name]));

            return self::INVALID;
        }
        $weak = is_string($password) ? OwnPassword::fault($password, $name) : null;
        if ($weak !== null) {
            $this->error(__("people.password.$weak", ['least' => OwnPassword::LEAST_CHARACTERS]));

            return self::INVALID;
        }
        $house->run();
        $made = is_string($password) ? $password : Str::password(12, symbols: false);
        $there = User::query()->where('username', Str::lower($name))->where('role', 'instructor')->first();
        $secret = ['password' => $made, 'is_password_own' => is_string($password)];
        $user = $there ?? User::query()->create([
            'name' => $name,
            'username' => PersonName::toSignIn($name),
            'role' => 'instructor',
            ...$secret,
        ]);
        // Whoever sits at the server gives a way in again: the second factor of a lost phone goes too.
        $there?->update([...$secret, 'second_factor' => null, 'epoch' => $there->epoch + 1]);
        $this->line(__('people.account', ['username' => $user->username]));
        is_string($password) || $this->line(__('people.account-password', ['password' => $made]));

        return self::SUCCESS;
    }
}
