<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use App\Services\PersonName;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Makes the account of an instructor who is invited: the password is to be changed when they come. */
final class InviteInstructor
{
    /** Where somebody else writes meanwhile it begins again. */
    private const TRIES = 10;

    /** Two of one name who are invited at once come one after the other: each gets a name to sign in with. */
    public function execute(string $name, string $password): User
    {
        $hash = Hash::make($password);

        return DB::transaction(fn () => User::query()->create([
            'name' => $name,
            'username' => PersonName::toSignIn($name),
            'role' => 'instructor',
            'password' => $hash,
            'is_password_own' => false,
        ]), self::TRIES);
    }
}
