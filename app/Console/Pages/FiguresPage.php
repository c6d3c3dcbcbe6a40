<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\FiguresSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\LampFigures;
use Zwindle\Check\Figures\RunFigures;

/** The figures of a British circuit as a page of text. */
final readonly class FiguresPage
{
    private Words $words;

    private FiguresSentence $sentences;

    public function __construct(private BritishFigures $figures)
    {
        $this->words = Words::of($figures->survey->circuit->wiring);
        $this->sentences = new FiguresSentence($figures);
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln('<options=bold>'.self::plain($this->figures->survey->circuit->wiring->board->title).'</>');
        $output->writeln(self::plain($this->sentences->load()));
        $output->newLine();
        $output->table(
            [$this->words->say('figures.run'), 'm', $this->words->say('figures.cores'), 'R1+R2 Ω'],
            array_map(fn (RunFigures $run) => [
                $run->cable,
                $run->lengthM ?? '?',
                $this->sentences->cores($run),
                FiguresSentence::shown($run->r1r2Ohm),
            ], $this->figures->runs()),
        );
        $limitV = VoltDrop::limitV($this->figures->survey->circuit->wiring->board->practice);
        $output->table(
            [$this->words->say('figures.lamp'), $this->words->say('figures.drop', ['limit' => (string) $limitV]), 'R1+R2 Ω'],
            array_map(fn (LampFigures $lamp) => [
                $this->words->device($lamp->lamp),
                FiguresSentence::shown($lamp->dropV, 2),
                FiguresSentence::shown($lamp->r1r2Ohm),
            ], $this->figures->lamps()),
        );
        foreach ([...$this->sentences->remarks(), $this->words->say('figures.sources'), $this->words->say('verdict.caution')] as $line) {
            $output->writeln(self::plain($line));
        }
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
