<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\InputRefused;
use App\Wording\ProblemSentence;
use Illuminate\Console\Command;

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
        $this->error($refusal->getMessage());
        foreach ($problems as ['pointer' => $pointer, 'message' => $message]) {
            $this->getOutput()->getErrorStyle()->writeln('  '.($pointer === '' ? '(file)' : $pointer)."  $message");
        }
        if ($this->hasOption('json') && $this->option('json')) {
            $this->writeJson(['error' => $refusal->getMessage(), 'problems' => $problems]);
        }

        return self::REFUSED;
    }

    /**
     * @param  string  $string
     * @param  int|string|null  $verbosity
     */
    public function error($string, $verbosity = null): void
    {
        $this->getOutput()->getErrorStyle()->writeln($string);
    }

    /** @param  array<string, mixed>  $array */
    protected function writeJson(array $array): void
    {
        $this->getOutput()->writeln(
            (string) json_encode($array, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }
}
