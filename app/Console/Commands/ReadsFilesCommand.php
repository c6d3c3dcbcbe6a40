<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\InputRefused;
use App\Wording\ProblemSentence;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

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
        if ($this->hasOption('json') && $this->option('json')) {
            $this->writeJson(['error' => $refusal->getMessage(), 'problems' => $problems]);
        }

        return self::REFUSED;
    }

    /** @param  array<string, mixed>  $array */
    protected function writeJson(array $array): void
    {
        $this->writeRaw(json_encode($array, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    }

    protected function writeRaw(string $text): void
    {
        $this->getOutput()->write($text, false, OutputInterface::OUTPUT_RAW);
    }
}
