<?php

declare(strict_types=1);

namespace Tests\Rehearsal;

use App\Models\Attempt;
use App\Queries\Bench\AskQuestions;
use Tests\Support\HandRepairs;
use Tests\Support\HuntOnBoard;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\Question;
use Zwindle\Exam\Task\QuestionKind;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

/** What somebody sends who works at a seat: right, wrong, half of it, or nothing. */
final readonly class SeatWork
{
    public function __construct(private Chance $chance, private Attempt $attempt, private string $how)
    {
    }

    /** @return list<array<string, mixed>> steps at the bench, beside what stands there already */
    public function steps(): array
    {
        $wiring = $this->wiring();
        $stood = $this->attempt->startingBench()->wiring();
        $isDone = fn (string $box) => array_filter($stood->joints, fn (Joint $joint) => $joint->enclosure === $box) !== [];
        $done = array_values(array_filter(array_keys($wiring->board->enclosures), $isDone));
        $left = Wiring::of(
            $wiring->board,
            array_values(array_filter($wiring->joints, fn (Joint $joint) => ! in_array($joint->enclosure, $done, true))),
            array_values(array_filter($wiring->caps, fn (string $end) => ! in_array($wiring->points[$end]->enclosure, $done, true))),
            array_filter($wiring->marks, fn (string $end) => ! in_array($wiring->points[$end]->enclosure, $done, true), ARRAY_FILTER_USE_KEY),
        );
        $steps = WiringAsSteps::of($left);

        return match ($this->how) {
            'bare' => [],
            'half' => array_slice($steps, 0, intdiv(count($steps), 2)),
            default => $steps,
        };
    }

    /** @return array<string, mixed> what an instructor takes down of a real board */
    public function sheet(): array
    {
        if ($this->how === 'right') {
            return ['asPlanned' => true];
        }
        $wiring = $this->wiring();
        $joints = $this->how === 'half' ? array_slice($wiring->joints, 0, intdiv(count($wiring->joints), 2)) : $wiring->joints;
        $sheet = AsFound::of(Wiring::of($wiring->board, $joints, [], $wiring->marks));

        return ['lands' => (object) $sheet->lands, 'marks' => (object) $sheet->marks];
    }

    /** Whether a wrong answer is among the options of each question: any switch at all serves alone on a board of one. */
    public function canBeWrong(): bool
    {
        $parts = $this->attempt->assignment->kind() === TaskKind::Parts ? (new AskQuestions)->of($this->attempt) : [];

        return array_filter($parts, fn (Question $one) => array_diff($one->options, $one->right) === []) === [];
    }

    /** @return list<array{question: int, answer: list<int>}> */
    public function answers(): array
    {
        $answers = $taken = [];
        $asked = (new AskQuestions)->of($this->attempt);
        // What few parts fit chooses first: a part is taken from the bin once.
        uasort($asked, fn (Question $one, Question $other) => count($one->right) <=> count($other->right));
        foreach ($asked as $i => $question) {
            $right = array_map(fn (string $one) => (int) array_search($one, $question->options, true), $question->right);
            $isPath = $question->kind === QuestionKind::Path;
            $others = array_values(array_diff(array_keys($question->options), $right));
            $wrong = $isPath ? array_reverse($right) : [$others[0] ?? 0];
            $free = $question->kind === QuestionKind::Part ? array_values(array_diff($right, $taken)) : $right;
            $one = $this->chance->one($free === [] ? $right : $free);
            $taken[] = $one;
            $isRight = $this->how === 'right' || ($this->how === 'half' && $i % 2 === 0);
            if ($this->how !== 'bare') {
                $answers[] = ['question' => $i + 1, 'answer' => $isRight ? ($isPath ? $right : [$one]) : $wrong];
            }
        }

        return $answers;
    }

    /** @return list<array{key: string, act: array<string, mixed>}> */
    public function acts(): array
    {
        $board = $this->attempt->placedFault()?->asCore($this->attempt->board());
        $acts = [];
        if ($board === null || $this->how === 'bare') {
            return [];
        }
        $boxes = array_keys($board->right->board->enclosures);
        if ($this->how === 'right') {
            $down = $board->foundDown();
            $repairs = HandRepairs::of($board);
            // Where something has tripped alone, it is switched on and named; else hands go into a board that is off.
            $acts = $down !== null && $repairs === [] ? [] : [['kind' => 'turn-off', 'on' => 'main']];
            foreach ($repairs === [] ? [] : $boxes as $box) {
                $acts[] = ['kind' => 'open-box', 'on' => $box];
            }
            foreach ($board->faults as $fault) {
                $acts[] = ['kind' => 'name', 'on' => HuntOnBoard::named($board, $fault)];
            }
            foreach ($repairs as $repair) {
                $acts[] = HuntOnBoard::sent($repair, $board);
            }
            $acts[] = ['kind' => 'turn-on', 'on' => 'main'];
        } else {
            $acts[] = ['kind' => 'flip', 'on' => $board->circuit()->switches[0]];
            $acts[] = ['kind' => 'open-box', 'on' => $this->chance->one($boxes)];
        }

        return array_map(fn (array $act, int $i) => ['key' => "seat-{$this->attempt->id}-$i", 'act' => $act], $acts, array_keys($acts));
    }

    private function wiring(): Wiring
    {
        $right = Planner::plan($this->attempt->board())->plans[0]->wiring;
        $mistakes = Mistakes::ofHandOn($right);

        return $this->how !== 'wrong' || $mistakes === [] ? $right : $this->chance->one($mistakes)->madeOn($right);
    }
}
