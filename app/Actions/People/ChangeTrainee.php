<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exceptions\MovedOn;
use App\Models\Attempt;
use App\Models\User;
use App\Services\PersonName;
use Illuminate\Support\Facades\DB;

/** Renames a trainee, gives them their number, and allows extra time. */
final class ChangeTrainee
{
    /**
     * @param  array{name: string, extraPercent: int}  $seen  as the asker saw it
     * @param  array{name?: string, extraPercent?: int, number?: string|null}  $change
     *
     * @throws MovedOn if somebody else has changed it since
     */
    public function execute(User $trainee, array $seen, array $change): User
    {
        return DB::transaction(function () use ($trainee, $seen, $change): User {
            $trainee->refresh();
            if ($seen !== ['name' => $trainee->name, 'extraPercent' => (int) $trainee->extra_percent]) {
                throw new MovedOn(__('people.changed-elsewhere', [
                    'name' => $trainee->name,
                    'extra' => $trainee->extra_percent,
                ]));
            }
            if (isset($change['name']) && $change['name'] !== $trainee->name) {
                $trainee->update(['name' => $change['name'], 'username' => PersonName::toSignIn($change['name'], own: $trainee->id)]);
            }
            if (array_key_exists('number', $change)) {
                $trainee->update(['student_number' => $change['number']]);
            }
            if (isset($change['extraPercent'])) {
                $trainee->update(['extra_percent' => $change['extraPercent']]);
                // What is under way keeps its time.
                Attempt::query()->where('trainee_id', $trainee->id)->whereNull('started_at')
                    ->update(['extra_percent' => $change['extraPercent']]);
            }

            return $trainee;
        });
    }
}
