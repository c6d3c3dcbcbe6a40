<?php

declare(strict_types=1);

namespace App\Actions\Evenings;

use App\Actions\Classes\SetAssignment;
use App\Actions\Tasks\PlaceFaults;
use App\Actions\Tasks\SeatAttempt;
use App\Files\ReadTask;
use App\Models\AsFoundSheet;
use App\Models\Assignment;
use App\Models\Evening;
use App\Models\Record;
use App\Models\User;
use App\Queries\Tasks\MustBeSettable;
use App\Queries\Tasks\SeatBoards;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Board;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Format\Read\JsonText;

/**
 * Sets an evening as an exam, or brings the exam after its plan: a seat and a variant for every sitting, held until it is opened.
 * Who has begun keeps what they have; who sits no more and has not begun is taken out.
 *
 * @phpstan-import-type SittingArray from Evening
 */
final readonly class SetEvening
{
    public function __construct(
        private SetAssignment $set,
        private SeatAttempt $seat,
        private PlaceFaults $place,
        private MustBeSettable $settable,
    ) {
    }

    public function execute(Evening $evening, User $who): void
    {
        DB::transaction(function () use ($evening, $who): void {
            $task = $evening->task;
            $drawn = $task->boardFile->drawing();
            $asked = (new ReadTask)->execute($task->json, $drawn);
            $variants = max([1, ...array_column($evening->plan, 'variant')]);
            $boards = SeatBoards::of($drawn, $asked, $variants, $variants);
            $this->settable->check($asked, $boards, AsFoundSheet::of($task->boardFile, $task->instructor));
            foreach (['assignment_id' => false, 'retest_assignment_id' => true] as $field => $isRetest) {
                $sittings = array_values(array_filter($evening->plan, fn (array $sitting) => $sitting['retest'] === $isRetest));
                if ($sittings === [] && $evening->getAttribute($field) === null) {
                    continue;
                }
                $assignment = $evening->getAttribute($field) === null
                    ? $this->begin($evening, $isRetest, $who)
                    : Assignment::query()->findOrFail($evening->getAttribute($field));
                $this->follow($assignment, $evening, $sittings, $asked, $boards);
                $evening->setAttribute($field, $assignment->id);
            }
            $evening->save();
        });
    }

    private function begin(Evening $evening, bool $isRetest, User $who): Assignment
    {
        $task = $evening->task;
        $assignment = $this->set->execute($evening->classroom, $task->boardFile, [], $evening->draft['minutes']);
        $title = $isRetest ? __('evening.retest-title', ['title' => $evening->title]) : $evening->title;
        $assignment->update([
            'task_id' => $task->id,
            'mode' => 'exam',
            'task_json' => JsonText::with($task->json, ['title' => $title]),
            'marking_json' => $task->marking->json,
            'held_at' => now(),
        ]);
        Record::add('plan', $assignment, $who);

        return $assignment;
    }

    /**
     * @param  list<SittingArray>  $sittings
     * @param  list<Board>  $boards  by variant
     */
    private function follow(Assignment $assignment, Evening $evening, array $sittings, TaskFile $asked, array $boards): void
    {
        $sheet = AsFoundSheet::of($evening->task->boardFile, $evening->task->instructor);
        $extra = array_column($evening->draft['people'], 'extraPercent', 'trainee');
        $surfaces = array_column($evening->draft['stations'], 'surface', 'id');
        $seats = array_flip(array_column($evening->draft['stations'], 'id'));
        $known = $assignment->attempts()->with('assignment.boardFile')->get()->keyBy('trainee_id');
        $stays = $seated = [];
        foreach ($sittings as $sitting) {
            $trainee = (int) $sitting['person'];
            $stays[] = $trainee;
            $attempt = $known->get($trainee) ?? $assignment->attempts()->create(['trainee_id' => $trainee]);
            $attempt->setRelation('assignment', $assignment);
            if ($attempt->started_at === null) {
                $attempt->extra_percent = $extra[$trainee] ?? 0;
                $isOnBoard = ($surfaces[$sitting['station']] ?? '') === 'board';
                $board = $isOnBoard
                    ? SeatBoards::asDrawn($evening->task->boardFile->drawing())
                    : $boards[$sitting['variant'] - 1];
                $this->seat->execute($attempt, ($seats[$sitting['station']] ?? 0) + 1, $asked, $board, $sheet, $isOnBoard);
                $seated[] = $attempt;
            }
        }
        $this->place->execute($asked, $seated);
        foreach ($known as $attempt) {
            if ($attempt->started_at === null && ! in_array($attempt->trainee_id, $stays, true)) {
                $attempt->delete();
            }
        }
    }
}
