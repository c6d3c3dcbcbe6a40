<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Prices and stock are each instructor's own. */
final class StockLinePolicy
{
    public function create(User $user): bool
    {
        return $user->isInstructor();
    }
}
