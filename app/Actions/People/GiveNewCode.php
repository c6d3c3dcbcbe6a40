<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Record;
use App\Models\User;
use App\Services\PersonalCode;
use Illuminate\Support\Facades\DB;

/** A new code for a trainee, on record; the old one opens nothing any more. */
final class GiveNewCode
{
    /** @return string the code, given here and nowhere again */
    public function execute(User $trainee, User $who): string
    {
        $code = PersonalCode::make();
        $hash = PersonalCode::hash($code);
        DB::transaction(function () use ($trainee, $who, $hash): void {
            Record::add('new-code', $trainee, $who);
            $trainee->update(['password' => $hash]);
        });

        return $code;
    }
}
