<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\FillSentence;
use App\Wording\StandardBoxName;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Fill\OneMoreCable;
use Zwindle\Check\Findings\FindingCode;

/** Box fill as a page of text. */
final readonly class FillPage
{
    private Words $words;

    private FillSentence $sentences;

    public function __construct(private Board $board, private CodeEdition $edition, private FillCount $count)
    {
        $this->words = new Words($board);
        $this->sentences = new FillSentence($board);
    }

    public function print(OutputStyle $output): void
    {
        $section = $this->edition->cite(FindingCode::BoxOverfilled->value);
        $output->writeln(self::plain("{$this->board->title}  ({$this->edition->id}, $section)"));
        foreach ($this->count->boxes() as $box) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain($this->sentences->of($box)).'</>');
            $rows = array_map(fn (Allowance $allowance) => [
                $this->sentences->what($allowance),
                $allowance->count,
                FillSentence::in3($allowance->eachIn3),
                FillSentence::in3($allowance->in3()),
            ], $box->allowances);
            $output->table([
                $this->words->say('fill.what'),
                $this->words->say('fill.count'),
                $this->words->say('fill.each'),
                'in³',
            ], [...$rows, ['', '', '', FillSentence::in3($box->usedIn3)]]);
            $remedy = $this->sentences->remedy($box);
            $output->writeln(self::plain($remedy === '' ? $this->words->say('fill.smallest', [
                'box' => $box->smallestBox() === null ? '—' : StandardBoxName::of($box->smallestBox()),
            ]) : $remedy));
            foreach (OneMoreCable::into($box->enclosure, $this->board, $this->count) as $more) {
                $output->writeln(self::plain($this->words->say('fill.one-more', [
                    'cable' => $more->type->print,
                    'used' => FillSentence::in3($more->fill->usedIn3),
                    'answer' => $this->words->say('fill.'.match ($more->fill->fits()) {
                        null => 'unknown', true => 'fits', false => 'does-not-fit',
                    }),
                    'remedy' => $this->sentences->remedy($more->fill),
                ])));
            }
        }
        $output->newLine();
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
