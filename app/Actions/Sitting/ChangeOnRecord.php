<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Changes one field of an attempt, on record with what it was before. */
final class ChangeOnRecord
{
    public function execute(Attempt $attempt, string $field, mixed $to, string $what, User $who, string $why = ''): void
    {
        DB::transaction(function () use ($attempt, $field, $to, $what, $who, $why): void {
            $attempt->claim();
            Record::add($what, $attempt, $who, $attempt->getAttribute($field), $to, $why);
            $attempt->update([$field => $to]);
        });
    }
}
