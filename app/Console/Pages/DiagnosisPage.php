<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Shapes\Diagnosis\DiagnosisShape;
use App\Wording\Words;
use Symfony\Component\Console\Output\OutputInterface;
use Zwindle\Board\Board;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\NextTest;

/** What fits what was seen, to be read. */
final readonly class DiagnosisPage
{
    private const MOST = 12;

    public function __construct(private Board $board, private Diagnosis $diagnosis, private bool $hasTripped)
    {
    }

    public function print(OutputInterface $output): void
    {
        $shape = new DiagnosisShape($this->diagnosis);
        foreach ($this->diagnosis->contradictions as $pointer) {
            $output->writeln(__('diagnosis.contradiction', ['entry' => DiagnosisShape::entry($pointer)]));
        }
        if ($this->diagnosis->contradictions !== []) {
            return;
        }
        $this->diagnosis->mayBeRight && $output->writeln(__('diagnosis.may-be-right'));
        $output->writeln(trans_choice('diagnosis.fits', $this->diagnosis->fits));
        foreach (array_slice($this->diagnosis->suspects, 0, self::MOST) as $i => $suspect) {
            $output->writeln('  '.($i + 1).'. '.$shape->text($suspect));
        }
        $more = $this->diagnosis->fits - self::MOST;
        $more > 0 && $output->writeln('  '.__('diagnosis.more', ['count' => $more]));
        foreach ($this->diagnosis->nearest as $i => [$near, $against]) {
            $i === 0 && $output->writeln(__('diagnosis.nearest'));
            $output->writeln('  '.$shape->text($near).' ('.implode(', ', array_map(DiagnosisShape::entry(...), $against)).')');
        }
        if ($this->diagnosis->next !== []) {
            $output->writeln(__('diagnosis.next').' '.implode('; ', array_map($this->next(...), $this->diagnosis->next)));
        }
        $words = new Words($this->board);
        $this->hasTripped && $output->writeln($words->say('diagnosis.halve'));
        foreach (['hands', 'live', 'neutral'] as $caution) {
            $output->writeln($words->say("caution.$caution"));
        }
    }

    private function next(NextTest $test): string
    {
        $words = new Words($this->board);
        $suspect = $test->kind === 'flip' ? $this->diagnosis->suspects[0] ?? null : null;
        $positions = [];
        foreach ($suspect === null ? [] : $suspect->circuit()->positionsIn((int) $test->at) as $switch => $position) {
            $positions[] = "$switch $position";
        }

        return __("diagnosis.next-$test->kind", [
            'place' => $test->kind === 'flip' ? '' : $words->place((string) $test->at),
            'positions' => implode(', ', $positions),
        ]);
    }
}
