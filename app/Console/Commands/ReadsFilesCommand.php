<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\JsonStream;
use App\Exceptions\InputRefused;
use App\Wording\ProblemSentence;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Circuit\Net\Circuit;

/** A command that works on files: refuses bad input the same way everywhere. */
abstract class ReadsFilesCommand extends Command
{
    public const DONE = 0;

    public const FAILED = 1;

    public const REFUSED = 2;

    /** @param  callable(): int  $work */
    protected function orRefuse(callable $work): int
    {
        try {
            return $work();
        } catch (InputRefused $refusal) {
            return $this->refuse($refusal);
        }
    }

    private function refuse(InputRefused $refusal): int
    {
        $problems = ProblemSentence::all($refusal->problems);
        $errors = $this->getOutput()->getErrorStyle();
        $errors->writeln($refusal->getMessage());
        foreach ($problems as ['pointer' => $pointer, 'message' => $message]) {
            $errors->writeln('  '.($pointer === '' ? '(file)' : $pointer)."  $message");
        }
        if (($this->options()['json'] ?? false) === true) {
            $this->writeJson(['error' => $refusal->getMessage(), 'problems' => $problems]);
        }

        return self::REFUSED;
    }

    /**
     * The edition asked for with `--edition`; null if none is.
     *
     * @throws InputRefused if it is unknown or of the other practice
     */
    protected function edition(Practice $practice): ?CodeEdition
    {
        $id = $this->options()['edition'] ?? null;
        $edition = is_string($id) ? Editions::find($id) : null;
        if ($id !== null && $edition?->practice->is($practice) !== true) {
            $known = implode(', ', array_map(fn (CodeEdition $known) => $known->id, Editions::of($practice)));
            throw InputRefused::option(__('problems.unknown-edition', ['id' => $id, 'detail' => $known]));
        }

        return $edition;
    }

    /**
     * The state asked for with `--state`, as `S1:up,S2:down`; switches not named are up.
     *
     * @throws InputRefused if it names an unknown switch or position
     */
    protected function state(Circuit $circuit): int
    {
        $asked = $this->options()['state'] ?? '';
        $state = 0;
        foreach (array_filter(explode(',', (string) $asked), fn (string $part) => trim($part) !== '') as $part) {
            [$id, $position] = array_map(trim(...), [...explode(':', $part, 2), '']);
            $switch = array_search($id, $circuit->switches, true);
            if ($switch === false) {
                throw InputRefused::option(__('problems.unknown-switch', ['id' => $id]));
            }
            if (! in_array($position, ['up', 'down'], true)) {
                throw InputRefused::option(__('problems.unknown-position', ['text' => $position]));
            }
            $bit = $circuit->bitOf($switch);
            $state = $position === 'down' ? $state | $bit : $state & ~$bit;
        }

        return $state;
    }

    /** @param  array<string, mixed>  $array */
    protected function writeJson(array $array): void
    {
        $this->writeRaw(self::json($array)."\n");
    }

    /** @param  array<string, mixed>  $array */
    protected static function json(array $array): string
    {
        return json_encode($array, JsonStream::FLAGS);
    }

    protected function writeRaw(string $text): void
    {
        $this->getOutput()->write($text, false, OutputInterface::OUTPUT_RAW);
    }
}
