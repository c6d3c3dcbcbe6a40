<?php

declare(strict_types=1);

namespace App\Paper;

use App\Enums\SeatPages;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Shapes\WiringSchedule;
use App\Wording\BriefLines;
use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Board\Enclosure;
use Zwindle\Exam\Task\Task;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;

/** One page a seat of what was set: the sheet that a trainee works from, or the key of that seat's variant. */
final readonly class SeatPaper
{
    public function __construct(private Assignment $assignment, private Task $task)
    {
    }

    public function pdf(SeatPages $pages, Sheet $sheet = new Sheet): string
    {
        $attempts = $this->assignment->attempts->sortBy('seat')->values()->all();
        $boards = array_map(fn (Attempt $attempt) => $attempt->setRelation('assignment', $this->assignment)->board(), $attempts);
        $practice = $boards[0]->practice;

        return Pdf::of('paper.seats', [
            'title' => $this->task->title,
            'brief' => $this->task->brief,
            'minutes' => $this->assignment->minutes,
            'positions' => BriefLines::of($this->task, $practice),
            'stands' => $this->stands($boards[0]),
            'withAnswers' => $pages === SeatPages::Keys,
            'seats' => array_map(
                fn (Attempt $attempt, Board $board) => $this->seat($attempt, Planner::plan($board)->plans[0], $pages),
                $attempts,
                $boards,
            ),
        ], $practice, $this->task->title, $sheet->size);
    }

    /** @return array{seat: int|null, trainee: string, board: Drawing|null, boxes: list<Drawing>, schedule: list<array<string, string>>} */
    private function seat(Attempt $attempt, Plan $plan, SeatPages $pages): array
    {
        $isKey = $pages === SeatPages::Keys;

        return [
            'seat' => $attempt->seat,
            'trainee' => $attempt->trainee->name,
            'board' => $isKey ? null : BoardSvg::of($plan, withAnswers: false),
            'boxes' => $isKey
                ? array_map(fn (Enclosure $box) => BoxSvg::of($plan, $box), array_values($plan->wiring->board->enclosures))
                : [],
            'schedule' => (new WiringSchedule($plan))->rows(),
        ];
    }

    /** What stands already on a board to finish, in words; empty where it begins from bare. */
    private function stands(Board $board): string
    {
        if ($this->task->kind !== TaskKind::Finish) {
            return '';
        }
        $words = new Words($board);

        return $this->task->isFromAsFound
            ? __('paper.stands-as-found')
            : __('paper.stands', ['boxes' => $words->list(array_map($words->box(...), $this->task->done))]);
    }
}
