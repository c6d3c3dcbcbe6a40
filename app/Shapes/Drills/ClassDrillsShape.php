<?php

declare(strict_types=1);

namespace App\Shapes\Drills;

use App\Models\Classroom;
use App\Models\Drill;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zwindle\Drill\DrillKind;

/** How a class drills: for each trainee and kind how often, the best and the newest. One question to the database, whatever there is. */
final readonly class ClassDrillsShape
{
    public function __construct(private Classroom $classroom)
    {
    }

    /** @return list<array{id: int, name: string, kinds: object}> */
    public function json(): array
    {
        $trainees = $this->classroom->trainees->sortBy('name')->values();
        $found = [];
        $rows = Drill::query()->toBase()
            ->whereIn('user_id', $trainees->modelKeys())->whereNotNull('ended_at')
            ->groupBy('user_id', 'kind')
            ->get(['user_id', 'kind', DB::raw('count(*) as times'), DB::raw('max(points) as most'), DB::raw('avg(points) as mean')]);
        foreach ($rows as $row) {
            $found[$row->user_id][$row->kind] = [
                'times' => (int) $row->times,
                'most' => (int) $row->most,
                'mean' => (int) round((float) $row->mean),
            ];
        }

        return array_values($trainees->map(fn (User $trainee) => [
            'id' => $trainee->id,
            'name' => $trainee->name,
            'kinds' => (object) array_intersect_key($found[$trainee->id] ?? [], array_flip(array_column(DrillKind::cases(), 'value'))),
        ])->all());
    }
}
