<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Illuminate\Support\Str;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Check\Result;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Diagnosis\Telling\MistakesByTable;
use Zwindle\Diagnosis\Telling\TableGroup;
use Zwindle\Diagnosis\Telling\TellingTests;
use Zwindle\Repair\Mistake\MistakenWiring;

/** What flipping can and cannot tell of a board, as a page of text. */
final readonly class MistakesPage
{
    private Words $words;

    private MistakeSentence $sentences;

    /** @param  list<string>  $flips  switches that a trainee flipped, in turn */
    public function __construct(private Result $right, private MistakesByTable $catalogue, private array $flips)
    {
        $this->words = Words::of($right->evidence->wiring);
        $this->sentences = new MistakeSentence($this->words);
    }

    public function print(OutputStyle $output): void
    {
        $scheme = $this->right->scheme();
        $output->writeln('<options=bold>'.self::plain($this->words->say('mistakes.title', [
            'count' => count($this->catalogue->mistakes),
            'scheme' => $scheme === null ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.$scheme->value"),
        ])).'</>');
        $output->writeln(self::plain($this->words->say(
            $this->catalogue->hasPairs ? 'mistakes.with-pairs' : 'mistakes.without-pairs',
        ).' '.$this->words->say('mistakes.reversed')));
        $walk = FlipWalk::of($this->catalogue->circuit->switches);
        $output->writeln(self::plain($this->words->say('mistakes.walk', ['count' => count($walk), 'flips' => implode(' ', $walk)])));
        foreach ($this->catalogue->groups as $group) {
            $this->printGroup($output, $group);
        }
        if ($this->flips !== []) {
            $this->printFlips($output);
        }
        $output->newLine();
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    private function printGroup(OutputStyle $output, TableGroup $group): void
    {
        $singles = $group->singles();
        if ($singles === []) {
            return;
        }
        $output->newLine();
        $pairs = count($group->pairs());
        $title = $this->words->say($group->looksRight ? 'mistakes.group-right' : 'mistakes.group', [
            'table' => $this->table($group),
            'count' => count($singles),
        ]);
        $output->writeln('<options=bold>'.self::plain($title.($pairs === 0 ? '' : ' '.$this->words->say(
            'mistakes.pairs',
            ['count' => $pairs],
        ))).'</>');
        foreach ($singles as $wiring) {
            $output->writeln(self::plain('  - '.$this->sentences->all(array_values($wiring->mistakes))));
        }
        $apart = TellingTests::of($singles);
        if ($apart->tests !== []) {
            $output->writeln(self::plain('  '.$this->words->say('mistakes.tell')));
        }
        foreach ($apart->tests as $i => $test) {
            $output->writeln(self::plain(sprintf('  %3d. %s', $i + 1, Str::ucfirst($this->sentences->test($test)))));
        }
        foreach ($apart->together as $set) {
            $names = array_map(fn (MistakenWiring $wiring) => $this->sentences->all(array_values($wiring->mistakes)), $set);
            $output->writeln(self::plain('  '.$this->words->say('mistakes.untold', ['what' => $this->words->list($names)])));
        }
    }

    private function printFlips(OutputStyle $output): void
    {
        $output->newLine();
        $output->writeln('<options=bold>'.self::plain($this->words->say('mistakes.flips', ['flips' => implode(' ', $this->flips)])).'</>');
        $passing = $this->catalogue->passing($this->flips);
        if ($passing === []) {
            $output->writeln(self::plain('  '.$this->words->say('mistakes.none-pass')));
        }
        foreach ($passing as ['wiring' => $wiring, 'from' => $from]) {
            if (! $wiring->isPair()) {
                $output->writeln(self::plain('  - '.$this->words->say('mistakes.passes', [
                    'what' => $this->sentences->all(array_values($wiring->mistakes)),
                    'from' => count($from),
                    'all' => $this->right->evidence->table->count(),
                ])));
            }
        }
        $pairs = count(array_filter($passing, fn (array $one) => $one['wiring']->isPair()));
        if ($pairs > 0) {
            $output->writeln(self::plain('  '.$this->words->say('mistakes.pairs', ['count' => $pairs])));
        }
    }

    private function table(TableGroup $group): string
    {
        $columns = array_map(
            fn (string $lamp, string $column) => "$lamp $column",
            $this->catalogue->circuit->lamps,
            array_slice($group->shape, 0, -1),
        );
        $trips = $group->shape[count($group->shape) - 1];

        return implode(', ', [...$columns, ...(trim($trips, '-') === '' ? [] : [$trips])]);
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
