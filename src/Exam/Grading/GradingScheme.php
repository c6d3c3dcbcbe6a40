<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Check\Findings\Severity;

/** What a task is worth: points for each part, what fails the whole, the pass mark. */
final readonly class GradingScheme
{
    public const ANY_DANGER = Severity::Danger->value;

    /**
     * @param  array<string, int>  $rules  finding code → points that are earned while nothing of it is found
     * @param  list<Observation>  $workmanship  what the instructor's eye marks
     * @param  int|null  $perMistake  points of behaviour that each mistake costs; null: by the share of states that are right
     * @param  list<string>  $critical  severities and finding codes that fail the whole
     * @param  bool  $deadBeforeHands  whether hands in a board that was not proved dead fail the whole
     */
    public function __construct(
        public string $title,
        public int $total,
        public int $passMark,
        public int $behaviour = 0,
        public int $safety = 0,
        public int $answers = 0,
        public int $order = 0,
        public int $time = 0,
        public array $rules = [],
        public array $workmanship = [],
        public ?int $perMistake = null,
        public ?int $withinMinutes = null,
        public array $critical = [self::ANY_DANGER],
        public bool $deadBeforeHands = true,
    ) {
    }

    /** The same without what only an eye at a real board can tell; the pass mark keeps its share of what is left. */
    public function onScreen(): self
    {
        $byEye = array_sum(array_map(fn (Observation $observation) => $observation->points, $this->workmanship));
        $left = $this->total - $byEye;

        return $byEye === 0 || $left <= 0 ? $this : new self(
            $this->title,
            $left,
            (int) ceil($this->passMark * $left / $this->total),
            $this->behaviour,
            $this->safety,
            $this->answers,
            $this->order,
            $this->time,
            $this->rules,
            [],
            $this->perMistake,
            $this->withinMinutes,
            $this->critical,
            $this->deadBeforeHands,
        );
    }

    /** The same where the order of work is not judged: it carries no points, and the pass mark keeps its share of what is left. */
    public function withoutOrder(): self
    {
        $left = $this->total - $this->order;

        return $this->order === 0 || $left <= 0 ? $this : new self(
            $this->title,
            $left,
            (int) ceil($this->passMark * $left / $this->total),
            $this->behaviour,
            $this->safety,
            $this->answers,
            0,
            $this->time,
            $this->rules,
            $this->workmanship,
            $this->perMistake,
            $this->withinMinutes,
            $this->critical,
            $this->deadBeforeHands,
        );
    }

    /** What all its parts come to. */
    public function sum(): int
    {
        return $this->behaviour + $this->safety + $this->answers + $this->order + $this->time + array_sum($this->rules)
            + array_sum(array_map(fn (Observation $observation) => $observation->points, $this->workmanship));
    }
}
