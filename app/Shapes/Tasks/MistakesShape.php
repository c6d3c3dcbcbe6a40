<?php

declare(strict_types=1);

namespace App\Shapes\Tasks;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Zwindle\Check\Result;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Diagnosis\Telling\MistakesByTable;
use Zwindle\Diagnosis\Telling\TableGroup;
use Zwindle\Diagnosis\Telling\TellingTest;
use Zwindle\Diagnosis\Telling\TellingTests;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakenWiring;

/** What flipping can and cannot tell of a board, in the shape of the contract. */
final readonly class MistakesShape
{
    private MistakeSentence $sentences;

    /** @param  list<string>  $flips  switches that a trainee flipped, in turn */
    public function __construct(private Result $right, private MistakesByTable $catalogue, private array $flips)
    {
        $this->sentences = new MistakeSentence(Words::of($right->evidence->wiring));
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'scheme' => $this->right->scheme()?->value,
            'switches' => $this->catalogue->circuit->switches,
            'walk' => FlipWalk::of($this->catalogue->circuit->switches),
            'mistakes' => array_map(
                fn (int $i, Mistake $mistake) => $this->mistake($i, $mistake),
                array_keys($this->catalogue->mistakes),
                $this->catalogue->mistakes,
            ),
            'groups' => array_map($this->group(...), $this->catalogue->groups),
            'flips' => $this->flips === [] ? null : ['asked' => $this->flips, 'passing' => array_map(fn (array $passing) => [
                'mistakes' => array_keys($passing['wiring']->mistakes),
                'from' => array_map($this->right->evidence->table->positionsIn(...), $passing['from']),
            ], $this->catalogue->passing($this->flips))],
            'pairs' => $this->catalogue->hasPairs,
            'limits' => ['switches' => MistakesByTable::MOST_SWITCHES, 'pairStates' => MistakesByTable::MOST_PAIR_STATES],
        ];
    }

    /** @return array<string, mixed> */
    private function mistake(int $i, Mistake $mistake): array
    {
        $table = $this->catalogue->tableOf(new MistakenWiring($this->catalogue->right, [$i => $mistake]));

        return [
            'id' => $mistake->id(),
            'kind' => $mistake->kind->value,
            'at' => $mistake->at,
            'text' => $this->sentences->of($mistake),
            'lamps' => $table->lamps,
            'trips' => $table->trips,
        ];
    }

    /** @return array<string, mixed> */
    private function group(TableGroup $group): array
    {
        $apart = TellingTests::of($group->mistaken);
        $names = fn (array $mistaken) => array_map(fn (MistakenWiring $wiring) => array_keys($wiring->mistakes), $mistaken);

        return [
            'looksRight' => $group->looksRight,
            'lamps' => array_combine($this->catalogue->circuit->lamps, array_slice($group->shape, 0, -1)),
            'trips' => $group->shape[count($group->shape) - 1],
            'mistakes' => array_merge(...$names($group->singles()), ...[[]]),
            'pairs' => $names($group->pairs()),
            'tell' => array_map(fn (TellingTest $test) => [
                'do' => $test->kind->value,
                'at' => $test->at,
                'text' => $this->sentences->test($test),
            ], $apart->tests),
            'sets' => $apart->sets,
            'untold' => array_map($names, $apart->together),
        ];
    }
}
