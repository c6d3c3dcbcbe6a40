<?php

declare(strict_types=1);

namespace App\Actions\Evenings;

use App\Models\Classroom;
use App\Models\Evening;
use App\Models\Record;
use App\Models\Task;
use App\Models\User;
use App\Queries\Evenings\PlanEvening;
use App\Shapes\Evenings\EveningShape;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Keeps a new evening with its plan.
 *
 * @phpstan-import-type Draft from Evening
 */
final readonly class StoreEvening
{
    public function __construct(private PlanEvening $plan)
    {
    }

    /** @param  Draft  $draft */
    public function execute(Classroom $classroom, Task $task, string $title, ?Carbon $startsAt, array $draft, User $who): Evening
    {
        [$plan] = $this->plan->execute($draft, $classroom, $title, null);

        return DB::transaction(function () use ($classroom, $task, $title, $startsAt, $draft, $plan, $who): Evening {
            $evening = Evening::query()->create([
                'classroom_id' => $classroom->id, 'task_id' => $task->id, 'title' => $title, 'starts_at' => $startsAt, 'draft' => $draft,
                'plan' => array_map(EveningShape::sitting(...), $plan->sittings),
            ]);
            Record::add('plan', $evening, $who, to: ['sittings' => count($plan->sittings), 'minutes' => $plan->minutes]);

            return $evening;
        });
    }
}
