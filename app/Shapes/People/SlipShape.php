<?php

declare(strict_types=1);

namespace App\Shapes\People;

use App\Models\User;

/** What a person needs to sign in the first time; the code is shown when it is made, and never again. */
final class SlipShape
{
    /** @return array{id: int, name: string, number: string|null, username: string, code: string} */
    public static function of(User $user, string $code): array
    {
        return [
            'id' => $user->id, 'name' => $user->name, 'number' => $user->student_number, 'username' => $user->username, 'code' => $code,
        ];
    }
}
