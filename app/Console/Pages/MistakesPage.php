<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Illuminate\Support\Str;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Check\Result;
use Zwindle\Repair\Diagnose\FlipWalk;
use Zwindle\Repair\Diagnose\MistakesByTable;
use Zwindle\Repair\Diagnose\Suspect;
use Zwindle\Repair\Diagnose\TableGroup;
use Zwindle\Repair\Diagnose\TellingTest;
use Zwindle\Repair\Diagnose\TellingTestKind;
use Zwindle\Repair\Diagnose\TellingTests;
use Zwindle\Repair\Mistake\Mistake;

/** What flipping can and cannot tell of a board, as JSON and as a page of text. */
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

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'scheme' => $this->right->scheme()?->value,
            'switches' => $this->catalogue->circuit->switches,
            'walk' => FlipWalk::of($this->catalogue->circuit->switches),
            'mistakes' => array_map(fn (int $i, Mistake $mistake) => $this->mistake($i, $mistake), array_keys($this->catalogue->mistakes), $this->catalogue->mistakes),
            'groups' => array_map($this->group(...), $this->catalogue->groups),
            'flips' => $this->flips === [] ? null : ['asked' => $this->flips, 'passing' => array_map(fn (array $passing) => [
                'mistakes' => array_keys($passing['suspect']->mistakes),
                'from' => array_map($this->right->evidence->table->positionsIn(...), $passing['from']),
            ], $this->catalogue->passing($this->flips))],
            'pairs' => $this->catalogue->hasPairs,
            'limits' => ['switches' => MistakesByTable::MOST_SWITCHES, 'pairStates' => MistakesByTable::MOST_PAIR_STATES],
        ];
    }

    public function print(OutputStyle $output): void
    {
        $scheme = $this->right->scheme();
        $output->writeln('<options=bold>'.self::plain($this->words->say('mistakes.title', [
            'count' => count($this->catalogue->mistakes),
            'scheme' => $scheme === null ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.$scheme->value"),
        ])).'</>');
        $output->writeln(self::plain($this->words->say($this->catalogue->hasPairs ? 'mistakes.with-pairs' : 'mistakes.without-pairs').' '.$this->words->say('mistakes.reversed')));
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

    /** @return array<string, mixed> */
    private function mistake(int $i, Mistake $mistake): array
    {
        $table = $this->catalogue->tableOf(new Suspect($this->catalogue->right, [$i => $mistake]));

        return ['id' => $mistake->id(), 'kind' => $mistake->kind->value, 'at' => $mistake->at, 'text' => $this->sentences->of($mistake), 'lamps' => $table->lamps, 'trips' => $table->trips];
    }

    /** @return array<string, mixed> */
    private function group(TableGroup $group): array
    {
        $apart = TellingTests::of($group->suspects);
        $names = fn (array $suspects) => array_map(fn (Suspect $suspect) => array_keys($suspect->mistakes), $suspects);

        return [
            'looksRight' => $group->looksRight,
            'lamps' => array_combine($this->catalogue->circuit->lamps, array_slice($group->shape, 0, -1)),
            'trips' => $group->shape[count($group->shape) - 1],
            'mistakes' => array_merge(...$names($group->singles()), ...[[]]),
            'pairs' => $names($group->pairs()),
            'tell' => array_map(fn (TellingTest $test) => ['do' => $test->kind->value, 'at' => $test->at, 'text' => $this->test($test)], $apart->tests),
            'sets' => $apart->sets,
            'untold' => array_map($names, $apart->together),
        ];
    }

    private function printGroup(OutputStyle $output, TableGroup $group): void
    {
        $singles = $group->singles();
        if ($singles === []) {
            return;
        }
        $output->newLine();
        $pairs = count($group->pairs());
        $title = $this->words->say($group->looksRight ? 'mistakes.group-right' : 'mistakes.group', ['table' => $this->table($group), 'count' => count($singles)]);
        $output->writeln('<options=bold>'.self::plain($title.($pairs === 0 ? '' : ' '.$this->words->say('mistakes.pairs', ['count' => $pairs]))).'</>');
        foreach ($singles as $suspect) {
            $output->writeln(self::plain('  - '.$this->sentences->all(array_values($suspect->mistakes))));
        }
        $apart = TellingTests::of($singles);
        if ($apart->tests !== []) {
            $output->writeln(self::plain('  '.$this->words->say('mistakes.tell')));
        }
        foreach ($apart->tests as $i => $test) {
            $output->writeln(self::plain(sprintf('  %3d. %s', $i + 1, Str::ucfirst($this->test($test)))));
        }
        foreach ($apart->together as $set) {
            $names = array_map(fn (Suspect $suspect) => $this->sentences->all(array_values($suspect->mistakes)), $set);
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
        foreach ($passing as ['suspect' => $suspect, 'from' => $from]) {
            if (! $suspect->isPair()) {
                $output->writeln(self::plain('  - '.$this->words->say('mistakes.passes', [
                    'what' => $this->sentences->all(array_values($suspect->mistakes)), 'from' => count($from), 'all' => $this->right->evidence->table->count(),
                ])));
            }
        }
        $pairs = count(array_filter($passing, fn (array $one) => $one['suspect']->isPair()));
        if ($pairs > 0) {
            $output->writeln(self::plain('  '.$this->words->say('mistakes.pairs', ['count' => $pairs])));
        }
    }

    private function test(TellingTest $test): string
    {
        $isPart = isset($this->right->evidence->board->devices[$test->at]);

        return $this->words->say('mistakes.'.($isPart && $test->kind === TellingTestKind::Look ? 'look-part' : $test->kind->value), [
            'box' => $this->words->box($this->words->enclosureOf($test->at)),
            'point' => $isPart ? '' : $this->words->coded($test->at),
            'device' => $isPart ? $this->words->device($test->at) : '',
        ]);
    }

    private function table(TableGroup $group): string
    {
        $columns = array_map(fn (string $lamp, string $column) => "$lamp $column", $this->catalogue->circuit->lamps, array_slice($group->shape, 0, -1));
        $trips = $group->shape[count($group->shape) - 1];

        return implode(', ', [...$columns, ...(trim($trips, '-') === '' ? [] : [$trips])]);
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
