<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

use App\Wording\FindingSentence;
use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\Grade;
use Zwindle\Exam\Grading\GradeLine;
use Zwindle\Exam\Grading\GradePart;

/** A mark line by line, each with what it rests on, in the trade English of the board. */
final readonly class GradeShape
{
    private Words $words;

    /** @param  Result|null  $result  of the wiring that was marked; null for answers */
    public function __construct(private Grade $grade, Board $board, private ?Result $result = null)
    {
        $this->words = new Words($board);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'got' => $this->grade->got(),
            'total' => $this->grade->total,
            'passMark' => $this->grade->passMark,
            'passes' => $this->grade->passes(),
            'isOpen' => $this->grade->isOpen(),
            'critical' => $this->critical(),
            'lines' => array_map(fn (GradeLine $line) => [
                'part' => $line->part->value,
                'what' => $line->what,
                'got' => $line->got,
                'of' => $line->of,
                'text' => $this->text($line),
                'findings' => $this->sentences($line->findings),
            ], $this->grade->lines),
        ];
    }

    /** What fails the whole, whatever the points; empty where nothing does. */
    private function critical(): string
    {
        $what = match (true) {
            $this->grade->isUnsafe => $this->words->say('task.hands-in-unproved'),
            default => implode(' ', $this->sentences($this->grade->critical)),
        };

        return $this->grade->isUnsafe || $this->grade->critical !== [] ? $this->words->say('task.critical', ['what' => $what]) : '';
    }

    private function text(GradeLine $line): string
    {
        $how = match (true) {
            $line->findings !== [] => '-lost',
            ($line->params['percent'] ?? 100) < 100 => '-in-part',
            default => '',
        };

        return match ($line->part) {
            GradePart::Distance => is_int($line->params['mistakes'])
                ? $this->words->count('task.mark.distance', $line->params['mistakes'], $line->params)
                : $this->words->say('task.mark.distance-none'),
            GradePart::Safety => $this->words->say("task.mark.safety$how", $line->params),
            GradePart::Rule => $this->words->say("task.mark.rule$how", [...$line->params, 'rule' => $this->rule($line->what)]),
            default => $this->words->say("task.mark.{$line->part->value}", $line->params),
        };
    }

    /** A remark by its sentence; any other finding that points are kept for by its name. */
    private function rule(string $code): string
    {
        $key = "task.rule.$code";
        $said = $this->words->say($key);

        return $said === $key ? str_replace('-', ' ', $code) : $said;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private function sentences(array $findings): array
    {
        return $this->result === null ? [] : array_map((new FindingSentence($this->result))->of(...), $findings);
    }
}
