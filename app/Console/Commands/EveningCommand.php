<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\EveningPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Evenings\EveningShape;
use App\Wording\EveningSentence;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Seating\EveningPlanner;
use Zwindle\Format\Read\EveningReader;
use Zwindle\Problem\Problems;

final class EveningCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:evening {evening : a *.evening.json file} {--json : print JSON}';

    protected $description = 'Plan an evening: who wires at which station, when, and on which variant';

    public function handle(): int
    {
        return $this->orRefuse(function (): int {
            $problems = new Problems;
            $evening = EveningReader::read(ReadBoardFile::textOf((string) $this->argument('evening')), $problems);
            if ($evening === null) {
                throw InputRefused::file('evening', $problems->all());
            }
            $plan = EveningPlanner::plan($evening);
            if ($plan instanceof NoEvening) {
                $this->option('json')
                    ? $this->writeJson(EveningShape::impossible($plan))
                    : $this->getOutput()->writeln(EveningSentence::impossible($plan));

                return self::FAILED;
            }
            $this->option('json')
                ? $this->writeJson(EveningShape::of($plan, $evening))
                : (new EveningPage($evening, $plan))->print($this->getOutput());

            return self::DONE;
        });
    }
}
