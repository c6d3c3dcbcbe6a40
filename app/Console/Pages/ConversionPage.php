<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\ConversionSentence;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Plan\Convert\Conversion;

/** What is different where a board is carried over to another practice, as a page of text. */
final readonly class ConversionPage
{
    public function __construct(private Board $board, private Conversion $conversion)
    {
    }

    public function print(OutputStyle $output): void
    {
        $title = __('convert.title', [
            'title' => $this->board->title,
            'practice' => $this->conversion->board->practice->name,
        ]);
        $output->writeln('<options=bold>'.OutputFormatter::escape($title).'</>');
        $output->newLine();
        foreach ((new ConversionSentence($this->board, $this->conversion))->all() as $sentence) {
            $output->writeln(OutputFormatter::escape("- $sentence"));
        }
    }
}
