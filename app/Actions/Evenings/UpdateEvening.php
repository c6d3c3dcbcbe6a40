<?php

declare(strict_types=1);

namespace App\Actions\Evenings;

use App\Exceptions\MovedOn;
use App\Models\Evening;
use App\Models\Record;
use App\Models\User;
use App\Queries\Evenings\PlanEvening;
use App\Shapes\Evenings\EveningShape;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Saves a changed evening with its plan. Of two who change it at once the second is told so; where it is set, the exam follows it.
 *
 * @phpstan-import-type Draft from Evening
 */
final readonly class UpdateEvening
{
    public function __construct(private PlanEvening $plan, private SetEvening $set)
    {
    }

    /** @param  Draft  $draft */
    public function execute(Evening $evening, int $base, string $title, ?Carbon $startsAt, array $draft, User $who): void
    {
        DB::transaction(function () use ($evening, $base, $title, $startsAt, $draft, $who): void {
            $evening->touch();
            $evening->refresh();
            if ($evening->version !== $base) {
                throw new MovedOn(__('messages.evening-moved-on'));
            }
            $evening->starts_at = $startsAt;
            [$plan] = $this->plan->execute($draft, $evening->classroom, $title, $evening);
            Record::add('plan', $evening, $who, ['sittings' => count($evening->plan)], ['sittings' => count($plan->sittings)]);
            $evening->update([
                'title' => $title, 'starts_at' => $startsAt, 'draft' => $draft, 'version' => $evening->version + 1,
                'plan' => array_map(EveningShape::sitting(...), $plan->sittings),
            ]);
            if ($evening->assignment_id !== null) {
                $this->set->execute($evening, $who);
            }
        });
    }
}
