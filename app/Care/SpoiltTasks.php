<?php

declare(strict_types=1);

namespace App\Care;

use App\Actions\Bench\HandInOverdue;
use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Models\Assignment;
use App\Models\Attempt;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/**
 * Exams that an earlier version spoilt: their task had an empty list where an object belongs, so that no seat opened and what was handed
 * in could not be judged. They are put right, and what could not be judged is judged.
 */
final readonly class SpoiltTasks
{
    private const OBJECTS = ['rules', 'positions'];

    public function __construct(private KeepJudgement $keep, private HandInOverdue $overdue)
    {
    }

    /** @return list<string> what was mended, a line each: the exam, and whoever was judged */
    public function mend(): array
    {
        $told = [];
        $spoilt = Assignment::withTrashed();
        $spoilt->where(fn (Builder $any) => $any->where('task_json', 'like', '%"rules":[]%')
            ->orWhere('task_json', 'like', '%"positions":[]%'));
        foreach ($spoilt->get() as $assignment) {
            $assignment->update(['task_json' => self::mended((string) $assignment->task_json)]);
            $told = [...$told, "assignment $assignment->id, {$assignment->title()}: its seats open again", ...$this->judged($assignment)];
        }

        return $told;
    }

    private static function mended(string $text): string
    {
        $task = json_decode($text, false, 32, JSON_THROW_ON_ERROR);
        if (! $task instanceof stdClass) {
            return $text;
        }
        foreach (self::OBJECTS as $field) {
            if (($task->{$field} ?? null) === []) {
                $task->{$field} = new stdClass;
            }
        }

        return json_encode($task, JSON_THROW_ON_ERROR);
    }

    /** @return list<string> */
    private function judged(Assignment $assignment): array
    {
        $told = [];
        foreach ($assignment->attempts()->with(['trainee', 'assignment.boardFile'])->pluck('id') as $id) {
            $attempt = Attempt::query()->with(['trainee', 'assignment.boardFile'])->findOrFail($id);
            $this->overdue->execute($attempt);
            $attempt->load('judgement');
            if ($attempt->judgement !== null && ! $attempt->judgement->isJudged()) {
                $this->keep->execute($attempt, JudgedAt::ReGrade);
                $told[] = "  {$attempt->trainee->name} (attempt $attempt->id): $attempt->verdict. $attempt->headline";
            }
        }

        return $told;
    }
}
