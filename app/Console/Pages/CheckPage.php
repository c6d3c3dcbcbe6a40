<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\FindingSentence;
use App\Wording\Headline;
use App\Wording\MistakeSentence;
use App\Wording\MoveSentence;
use App\Wording\SchemeSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Result;
use Zwindle\Format\Write\DiagramText;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\Move;
use Zwindle\Schematic\Diagram;

/** A check as a page of text: one sentence, the truth table, the findings with their consequences under them. */
final readonly class CheckPage
{
    private const MOST_ROWS = 64;

    private Words $words;

    private FindingSentence $sentences;

    private Result $result;

    public function __construct(private Advice $advice)
    {
        $result = $this->result = $advice->result;
        $this->words = Words::of($result->evidence->wiring);
        $this->sentences = new FindingSentence($result);
    }

    public function print(OutputStyle $output): void
    {
        $board = $this->result->evidence->board;
        $output->writeln(self::plain("$board->title  ({$this->result->evidence->edition->id})"));
        $output->newLine();
        $output->writeln('<options=bold>'.self::plain(strtoupper(
            $this->result->verdict->value,
        ).': '.(new Headline($this->result, $this->advice))->sentence()).'</>');
        $this->printSchemes($output);
        $output->newLine();
        $output->writeln(self::plain(DiagramText::of(new Diagram($this->result->evidence->circuit, $this->result->evidence->roles))));
        $output->newLine();
        $this->printTable($output);
        $output->newLine();
        $this->printFindings($output);
        $this->printRepair($output);
        if ($this->result->citesSections()) {
            $output->writeln(self::plain($this->words->say('verdict.cited')));
        }
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    private function printSchemes(OutputStyle $output): void
    {
        $schemes = (new SchemeSentence($this->result->evidence))->all();
        foreach ($schemes as ['id' => $id, 'name' => $name, 'note' => $note, 'lamps' => $lamps]) {
            if ($id !== null) {
                $scheme = 'Scheme'.(count($schemes) > 1 ? " of $lamps" : '');
                $output->writeln(self::plain("$scheme: $name ($id)".($note === '' ? '' : ". $note")));
            }
        }
    }

    private function printTable(OutputStyle $output): void
    {
        $table = $this->result->evidence->table;
        $rows = [];
        for ($state = 0; $state < min($table->count(), self::MOST_ROWS); $state++) {
            $row = array_values($table->positionsIn($state));
            foreach (array_keys($table->lamps) as $lamp) {
                $row[] = $table->lampIn($lamp, $state)->value;
            }
            $rows[] = [...$row, $table->tripIn($state)->value ?? ''];
        }
        $output->table([...array_keys($table->positionsIn(0)), ...array_keys($table->lamps), 'trip'], $rows);
        if ($table->count() > self::MOST_ROWS) {
            $output->writeln(sprintf('… %d more states: --json lists them all.', $table->count() - self::MOST_ROWS));
        }
    }

    private function printFindings(OutputStyle $output): void
    {
        foreach ($this->result->findings as $i => $finding) {
            if ($finding->causedBy === null) {
                $this->printFinding($output, $finding, '');
                foreach ($this->result->findings as $consequence) {
                    if ($consequence->causedBy === $i) {
                        $this->printFinding($output, $consequence, '    follows: ');
                    }
                }
            }
        }
        if ($this->result->findings !== []) {
            $output->newLine();
        }
    }

    private function printRepair(OutputStyle $output): void
    {
        $smallest = $this->advice->smallest();
        if ($smallest->reason !== null) {
            $output->writeln(self::plain($this->words->say("plan.no-repair.{$smallest->reason->value}")));
        }
        foreach (array_slice($smallest->repairs, 0, 1) as $repair) {
            $this->printMoves($output, 'repair', $repair->moves, $repair->undoes);
        }
        foreach ($smallest->also as $repair) {
            $this->printMoves($output, 'better', $repair->moves, $repair->undoes);
        }
        foreach (array_slice($this->advice->tidy(), 0, 1) as $moves) {
            $this->printMoves($output, 'tidy', $moves, []);
        }
    }

    /**
     * @param  list<Move>  $moves
     * @param  list<Mistake>  $undoes
     */
    private function printMoves(OutputStyle $output, string $kind, array $moves, array $undoes): void
    {
        $sentences = new MoveSentence($this->result->evidence->wiring);
        $output->writeln('<options=bold>'.self::plain($this->words->count("plan.$kind", count($moves))).'</>');
        foreach ($moves as $i => $move) {
            $output->writeln(self::plain(sprintf('%3d. %s', $i + 1, $sentences->of($move))));
        }
        if ($undoes !== []) {
            $output->writeln(self::plain($this->words->say(
                'mistakes.undoes',
                ['what' => (new MistakeSentence($this->words))->all($undoes)],
            )));
        }
        $output->newLine();
    }

    private function printFinding(OutputStyle $output, Finding $finding, string $lead): void
    {
        $sign = match ($finding->severity()) {
            Severity::Danger => '/!\ danger',
            Severity::Fault => ' x  fault',
            Severity::Remark => ' -  remark',
            Severity::Note => ' i  note',
        };
        $sentence = $this->sentences->of($finding)." [{$finding->code->value}; $finding->reference]";
        $output->writeln(self::plain($lead.($lead === '' ? "$sign  " : '').$sentence));
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
