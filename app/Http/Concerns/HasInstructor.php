<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Models\User;

/** A request of an instructor about what is their own. */
trait HasInstructor
{
    public function instructor(): User
    {
        return $this->user() ?? abort(401);
    }
}
