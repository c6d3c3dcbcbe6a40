<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\Record;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Zwindle\Exam\Grading\KeptGrade;

/**
 * Marks as a table for another program: of one piece of work a row a person, with each line of the mark; of a class over a term a row a
 * person, with the points of everything that was set.
 */
final readonly class MarkTable
{
    /** Pieces of work in the table of a term. */
    private const MOST_SET = 200;

    /** Who has said something of a mark. */
    private const MARKERS = ['observe', 'override', 'second', 're-mark', 'release', 'accept-step', 'accept-late', 'as-built'];

    public function __construct(private MarkTableSettings $settings)
    {
    }

    /** @param  int|null  $only  one attempt; null: everybody */
    public function ofAssignment(Assignment $assignment, ?int $only = null): string
    {
        $work = $assignment->attempts()->with(['trainee', 'judgement']);
        $work->orderBy('seat')->orderBy('id');
        $only === null || $work->where('attempts.id', $only);
        $attempts = $work->get();
        $lines = $this->linesOf($attempts);
        $by = self::markers($attempts);
        $columns = $this->settings->columns();
        $heads = [];
        foreach ($columns as $column) {
            $column === 'lines' ? array_push($heads, ...array_values($lines)) : $heads[] = $this->settings->heading($column);
        }

        $rows = [];
        foreach ($attempts as $attempt) {
            $cells = self::cells($assignment, $attempt, $by[$attempt->id] ?? '');
            $row = [];
            foreach ($columns as $column) {
                $column === 'lines'
                    ? array_push($row, ...array_map(fn (string $key) => $cells['lines'][$key] ?? null, array_keys($lines)))
                    : $row[] = $cells[$column];
            }
            $rows[] = $row;
        }

        return $this->settings->written($heads, $rows);
    }

    /** A class over a term: what was set to it between two days, oldest first. */
    public function ofClass(Classroom $classroom, ?Carbon $from, ?Carbon $to): string
    {
        $set = Assignment::query()->with('boardFile');
        $set->where('classroom_id', $classroom->id)->whereNotNull('task_json')->orderBy('id')->limit(self::MOST_SET);
        $from === null || $set->where('created_at', '>=', $from);
        $to === null || $set->where('created_at', '<', $to->copy()->addDay());
        $assignments = $set->get();
        $work = Attempt::query()->with('judgement');
        $work->whereIn('assignment_id', $assignments->pluck('id'));
        $of = $work->get()->groupBy('trainee_id');
        $own = array_values(array_intersect($this->settings->columns(), ['class', 'number', 'sign-in', 'name']));
        $figures = array_values(array_intersect($this->settings->columns(), ['total', 'of', 'passed'])) ?: ['total'];
        $heads = array_map($this->settings->heading(...), $own);
        foreach ($assignments as $assignment) {
            foreach ($figures as $figure) {
                $what = $this->settings->heading($figure);
                $heads[] = $figure === 'total' ? $assignment->title() : "{$assignment->title()}, $what";
            }
        }

        $rows = [];
        foreach ($classroom->trainees as $person) {
            $cells = [
                'class' => $classroom->name, 'number' => $person->student_number, 'sign-in' => $person->username, 'name' => $person->name,
            ];
            $row = array_map(fn (string $column) => $cells[$column], $own);
            foreach ($assignments as $assignment) {
                $attempt = $of->get($person->id)?->firstWhere('assignment_id', $assignment->id);
                $mark = $attempt === null ? null : self::mark($attempt);
                foreach ($figures as $figure) {
                    $row[] = $mark === null ? null : self::figure($figure, $mark);
                }
            }
            $rows[] = $row;
        }

        return $this->settings->written($heads, $rows);
    }

    /** @return array<string, mixed> column → cell; `lines` by their keys */
    private static function cells(Assignment $assignment, Attempt $attempt, string $by): array
    {
        $mark = self::mark($attempt);

        return [
            'class' => $assignment->classroom->name ?? '',
            'title' => $assignment->title(),
            'number' => $attempt->trainee->student_number,
            'sign-in' => $attempt->trainee->username,
            'name' => $attempt->trainee->name,
            'seat' => $attempt->seat,
            'lines' => $mark === null ? [] : array_column($mark['lines'], 'got', 'key'),
            'total' => $mark['got'] ?? null,
            'of' => $mark['total'] ?? null,
            'passed' => $mark === null ? self::state($attempt) : self::figure('passed', $mark),
            'tries' => $attempt->tries,
            'by' => $by,
            'begun' => self::date($attempt->started_at),
            'handed-in' => self::date($attempt->handed_in_at),
            'released' => self::date($attempt->released_at ?? $assignment->released_at),
            'note' => $attempt->note,
        ];
    }

    private static function state(Attempt $attempt): string
    {
        return __($attempt->withdrawn_at === null ? 'paper.mark-states.none' : 'paper.mark-states.withdrawn');
    }

    /** @param  array<string, mixed>  $mark */
    private static function figure(string $figure, array $mark): mixed
    {
        return match ($figure) {
            'total' => $mark['got'],
            'of' => $mark['total'],
            default => __('paper.mark-states.'.($mark['isOpen'] ? 'open' : ($mark['passes'] ? 'passed' : 'failed'))),
        };
    }

    /**
     * @param  Collection<int, Attempt>  $attempts
     * @return array<string, string> key of a line of any of their marks → its heading
     */
    private function linesOf(Collection $attempts): array
    {
        $lines = [];
        foreach ($attempts as $attempt) {
            foreach (self::mark($attempt)['lines'] ?? [] as $line) {
                $lines[$line['key']] ??= $this->settings->line($line);
            }
        }

        return $lines;
    }

    /**
     * Who last said something of each mark.
     *
     * @param  Collection<int, Attempt>  $attempts
     * @return array<int, string>
     */
    private static function markers(Collection $attempts): array
    {
        $said = Record::query();
        $said->where('subject', 'attempt')->whereIn('subject_id', $attempts->modelKeys())->whereIn('what', self::MARKERS);
        $who = $said->whereNotNull('who')->orderBy('id')->pluck('who', 'subject_id');
        $names = User::query()->whereIn('id', $who->unique())->pluck('name', 'id');

        return $who->map(fn ($id) => (string) ($names[$id] ?? ''))->all();
    }

    private static function date(?Carbon $at): string
    {
        return $at?->format('Y-m-d H:i') ?? '';
    }

    /** @return array<string, mixed>|null */
    private static function mark(Attempt $attempt): ?array
    {
        $kept = $attempt->judgement?->mark;

        return $kept === null ? null : KeptGrade::observed($kept, $attempt->observed ?? [], $attempt->overrides ?? []);
    }
}
