<?php

declare(strict_types=1);

namespace App\Actions\Drills;

use App\Exceptions\WorkRefused;
use App\Models\Drill;
use App\Models\User;
use App\Queries\Drills\DrillContent;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Drill\DrillGrade;
use Zwindle\Drill\DrillKind;

/** A drill begun, measured and answered. What is sent twice is done once; what is ended stays as it is. */
final readonly class WorkDrill
{
    /** Readings of one drill. */
    private const MOST = 200;

    public function __construct(private DrillContent $content)
    {
    }

    public function begin(User $person, DrillKind $kind, Practice $practice): Drill
    {
        return Drill::query()->create([
            'user_id' => $person->id,
            'kind' => $kind->value,
            'practice' => $practice->id,
            'seed' => Str::random(32),
            'measured' => [],
            'started_at' => now(),
        ]);
    }

    /** Refuses a measurement that cannot be made. */
    public function measure(Drill $drill, string $measurement): Drill
    {
        return DB::transaction(function () use ($drill, $measurement): Drill {
            $this->claim($drill);
            if (! $drill->kindOf()->isMeasured() || $this->content->lab($drill)->measure($measurement) === null) {
                throw WorkRefused::because(['measure' => __('drill.no-measurement')]);
            }
            if (count($drill->measured) >= self::MOST) {
                throw WorkRefused::because(['measure' => __('drill.enough')]);
            }
            // The same reading once more tells nothing new and costs nothing.
            in_array($measurement, $drill->measured, true) || $drill->update(['measured' => [...$drill->measured, $measurement]]);

            return $drill;
        });
    }

    /** @param  list<string>  $answers  one; or one a question */
    public function answer(Drill $drill, array $answers): Drill
    {
        return DB::transaction(function () use ($drill, $answers): Drill {
            $this->claim($drill);
            $grade = $drill->kindOf()->isMeasured()
                ? DrillGrade::ofLab($this->content->lab($drill), $drill->measured, $answers[0] ?? '')
                : DrillGrade::ofQuestions($this->content->questions($drill), $answers);
            $drill->update([
                'answers' => $answers,
                'ended_at' => now(),
                'points' => $grade->points,
                'used' => $grade->used,
                'best' => $grade->best,
            ]);

            return $drill;
        });
    }

    private function claim(Drill $drill): void
    {
        Drill::query()->toBase()->where('id', $drill->id)->update(['user_id' => $drill->user_id]);
        $drill->refresh();
        $drill->ended_at === null || throw WorkRefused::because(['drill' => __('drill.ended')]);
    }
}
