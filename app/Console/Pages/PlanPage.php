<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Shapes\Boards\PlanCoresShape;
use App\Shapes\Boards\PlanningShape;
use App\Wording\ChangeSentence;
use App\Wording\Headline;
use App\Wording\RefusalSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Illuminate\Support\Str;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Format\Write\DiagramText;
use Zwindle\Plan\Plan;
use Zwindle\Schematic\Diagram;

/**
 * What the planner came to, as a page of text.
 *
 * @phpstan-import-type RunCores from PlanCoresShape
 */
final readonly class PlanPage
{
    private Words $words;

    public function __construct(private Board $board, private PlanningShape $shape)
    {
        $this->words = new Words($board);
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln(self::plain("{$this->board->title}  ({$this->board->edition->id})"));
        if ($this->shape->planning->reason !== null) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain((new RefusalSentence($this->board))->of(
                $this->shape->planning,
                $this->shape->refusal,
                $this->shape->edition,
            )).'</>');
        }
        foreach ($this->shape->planning->plans as $i => $plan) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain($this->title($plan, $i)).'</>');
            $output->newLine();
            $output->writeln(self::plain(DiagramText::of(new Diagram($plan->result->evidence->circuit, $plan->result->evidence->roles))));
            $output->newLine();
            foreach (PlanCoresShape::of($plan) as $run) {
                $output->writeln(self::plain(self::line($run)));
            }
            $output->newLine();
            foreach ($this->shape->extension?->lines() ?? [] as $line) {
                $output->writeln(self::plain($line));
            }
            foreach ($this->shape->steps($plan) as $k => ['text' => $text]) {
                $output->writeln(self::plain(sprintf('%3d. %s', $k + 1, $text)));
            }
        }
        foreach ($this->shape->neutrals ?? [] as $at) {
            $output->writeln(self::plain((new ChangeSentence($this->board))->neutral($at)));
        }
        $output->newLine();
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    private function title(Plan $plan, int $i): string
    {
        $scheme = $plan->result->scheme();
        $name = $scheme === null ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.$scheme->value");

        return (count(
            $this->shape->planning->plans,
        ) > 1 ? ($i + 1).'. ' : '').Str::ucfirst($name).': '.(new Headline($plan->result))->sentence();
    }

    /** @param  RunCores  $run */
    private static function line(array $run): string
    {
        $cores = array_map(
            fn (array $core) => Colour::from($core['colour'])->isEarths() ? $core['name'] : "{$core['name']} {$core['role']}",
            $run['cores'],
        );

        return "  {$run['cable']} {$run['type']} ({$run['from']} – {$run['to']}): ".implode(', ', $cores);
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
