<?php

declare(strict_types=1);

namespace App\Paper\Classes;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Paper\Page\Pdf;
use Zwindle\Exam\Grading\KeptGrade;

/** The marks of an exam on paper and as a table: one line a person, and a page a person with the lines of the mark. */
final readonly class MarkSheet
{
    /** @param  int|null  $only  one attempt; null: everybody */
    public function __construct(private Assignment $assignment, private ?int $only = null)
    {
    }

    /** @return list<list<string>> one row a person, under `paper.mark-columns` */
    public function rows(): array
    {
        return array_map(fn (Attempt $attempt) => array_map(strval(...), $this->row($attempt)), $this->attempts());
    }

    public function pdf(string $size): string
    {
        $practice = $this->assignment->boardFile->board()->practice;

        return Pdf::of('paper.marks', [
            'title' => $this->assignment->title(),
            'classroom' => $this->assignment->classroom->name ?? '',
            'rows' => $this->rows(),
            'people' => array_values(array_filter(array_map(fn (Attempt $attempt) => [
                'name' => $attempt->trainee->name,
                'headline' => (string) $attempt->headline,
                'note' => (string) $attempt->note,
                'mark' => $this->mark($attempt),
            ], $this->attempts()), fn (array $person) => $person['mark'] !== null)),
        ], $practice, $this->assignment->title(), $size);
    }

    /** @return list<Attempt> */
    private function attempts(): array
    {
        $attempts = $this->assignment->attempts()->with(['trainee', 'judgement']);
        $attempts->orderBy('seat')->orderBy('id');
        if ($this->only !== null) {
            $attempts->where('attempts.id', $this->only);
        }

        return array_values($attempts->get()->all());
    }

    /** @return list<string|float|int> */
    private function row(Attempt $attempt): array
    {
        $mark = $this->mark($attempt);

        return [
            $attempt->seat ?? '',
            $attempt->trainee->name,
            match (true) {
                $attempt->withdrawn_at !== null => __('paper.mark-states.withdrawn'),
                $mark === null => __('paper.mark-states.none'),
                $mark['isOpen'] => __('paper.mark-states.open'),
                default => __($mark['passes'] ? 'paper.mark-states.passed' : 'paper.mark-states.failed'),
            },
            $mark['got'] ?? '',
            $mark['total'] ?? '',
            $attempt->handed_in_at?->format('Y-m-d H:i') ?? '',
        ];
    }

    /** @return array<string, mixed>|null */
    private function mark(Attempt $attempt): ?array
    {
        $kept = $attempt->judgement?->mark;

        return $kept === null ? null : KeptGrade::observed($kept, $attempt->observed ?? [], $attempt->overrides ?? []);
    }
}
