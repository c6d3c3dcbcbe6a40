<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes back the marks of a class, or of one person, that were shown. */
final class TakeBackGrades
{
    public function execute(Assignment|Attempt $released, User $who): void
    {
        DB::transaction(function () use ($released, $who): void {
            $released->touch();
            if ($released->refresh()->released_at !== null) {
                Record::add('take-back', $released, $who);
                $released->update(['released_at' => null]);
            }
        });
    }
}
