<?php

declare(strict_types=1);

namespace App\Paper\Classes;

use App\Enums\SeatPages;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Paper\Boards\WriteDown;
use App\Paper\Drawn\BoardSvg;
use App\Paper\Drawn\Drawing;
use App\Paper\OpenBox\OpenBoxSvg;
use App\Paper\Page\Fronts;
use App\Paper\Page\Pdf;
use App\Paper\Page\Sheet;
use App\Services\KeptPlans;
use App\Shapes\Boards\WiringSchedule;
use App\Wording\BriefLines;
use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Plan\Plan;

/** One page a seat of what was set: the sheet that a trainee works from, or the key of that seat's variant. */
final readonly class SeatPaper
{
    public function __construct(private Assignment $assignment, private TaskFile $task)
    {
    }

    public function pdf(SeatPages $pages, Sheet $sheet = new Sheet): string
    {
        $attempts = $this->assignment->attempts->sortBy('seat')->values()->all();
        $boards = array_map(fn (Attempt $attempt) => $attempt->setRelation('assignment', $this->assignment)->board(), $attempts);
        $practice = $boards[0]->practice;

        $data = [
            'title' => $this->task->title,
            'brief' => $this->task->brief,
            'minutes' => $this->assignment->minutes,
            'positions' => BriefLines::of($this->task, $practice),
            'stands' => $this->stands($boards[0]),
            'withAnswers' => $pages === SeatPages::Keys,
        ];
        $texts = [$data['brief'], ...$data['positions'], $data['stands']];
        $seats = array_map(
            fn (Attempt $attempt, Board $board) => $this->seat($attempt, app(KeptPlans::class)->best($board), $pages, $texts),
            $attempts,
            $boards,
        );
        if ($sheet->isDuplex) {
            $seats = self::onFronts($seats, $data, $practice, $sheet);
        }

        return Pdf::of('paper.seats', [...$data, 'seats' => $seats], $practice, $this->task->title, $sheet->size);
    }

    /**
     * With a blank side where a seat would begin on the back of another: those with as much on them take as many sides.
     *
     * @param  list<array<string, mixed>>  $seats
     * @param  array<string, mixed>  $data
     * @return list<array<string, mixed>|null>
     */
    private static function onFronts(array $seats, array $data, Practice $practice, Sheet $sheet): array
    {
        return Fronts::of(
            $seats,
            fn (array $seat) => count($seat['schedule']).' '.count($seat['boxes']),
            fn (array $seat) => Pdf::pagesOf('paper.seats', [...$data, 'seats' => [$seat]], $practice, $sheet->size),
            null,
        );
    }

    /**
     * @param  list<string>  $texts  over the drawing
     * @return array{seat: int|null, trainee: string, board: Drawing|null, boxes: list<Drawing>, supplies: list<string>,
     *     schedule: list<array<string, string>>}
     */
    private function seat(Attempt $attempt, Plan $plan, SeatPages $pages, array $texts): array
    {
        $isKey = $pages === SeatPages::Keys;
        $schedule = (new WiringSchedule($plan))->rows();

        return [
            'seat' => $attempt->seat,
            'trainee' => $attempt->trainee->name,
            'board' => $isKey ? null : BoardSvg::of($plan, withAnswers: false, highest: WriteDown::roomOver($schedule, $texts)),
            'boxes' => $isKey ? OpenBoxSvg::all($plan) : [],
            'supplies' => $isKey ? OpenBoxSvg::supplies($plan) : [],
            'schedule' => $schedule,
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
