<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\EveningSentence;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\Sitting;

/** An evening's plan as a page of text. */
final readonly class EveningPage
{
    public function __construct(private EveningDraft $evening, private EveningPlan $plan)
    {
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln(self::plain(__('evening.title', ['title' => $this->evening->title, 'minutes' => $this->plan->minutes])));
        $output->writeln(EveningSentence::proof($this->plan));
        if ($this->plan->sittings === []) {
            $output->writeln(__('evening.nobody'));

            return;
        }
        $output->table(__('evening.columns'), array_map(fn (Sitting $sitting) => [
            $sitting->from,
            $sitting->to,
            self::plain($this->evening->people[$sitting->person]->name),
            self::plain($this->evening->stations[$sitting->station]->label),
            $sitting->variant,
            $sitting->isRetest ? __('evening.retest') : '',
        ], $this->plan->sittings));
        $sentence = new EveningSentence($this->evening);
        foreach ($this->plan->conflicts as $conflict) {
            $output->writeln(self::plain($sentence->conflict($conflict)));
        }
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
