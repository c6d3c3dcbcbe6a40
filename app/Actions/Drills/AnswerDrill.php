<?php

declare(strict_types=1);

namespace App\Actions\Drills;

use App\Models\Drill;
use App\Queries\Drills\DrillContent;
use Illuminate\Support\Facades\DB;
use Zwindle\Drill\DrillGrade;

/** Answers a drill, which ends it. */
final readonly class AnswerDrill
{
    public function __construct(private DrillContent $content)
    {
    }

    /** @param  list<string>  $answers  one; or one a question */
    public function execute(Drill $drill, array $answers): Drill
    {
        return DB::transaction(function () use ($drill, $answers): Drill {
            $drill->claim();
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
}
