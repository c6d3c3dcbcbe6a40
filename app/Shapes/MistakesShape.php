<?php

declare(strict_types=1);

namespace App\Shapes;

use App\Wording\MistakeSentence;
use App\Wording\Words;
use Zwindle\Check\Result;
use Zwindle\Repair\Diagnose\FlipWalk;
use Zwindle\Repair\Diagnose\MistakesByTable;
use Zwindle\Repair\Diagnose\Suspect;
use Zwindle\Repair\Diagnose\TableGroup;
use Zwindle\Repair\Diagnose\TellingTest;
use Zwindle\Repair\Diagnose\TellingTests;
use Zwindle\Repair\Mistake\Mistake;

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
                'mistakes' => array_keys($passing['suspect']->mistakes),
                'from' => array_map($this->right->evidence->table->positionsIn(...), $passing['from']),
            ], $this->catalogue->passing($this->flips))],
            'pairs' => $this->catalogue->hasPairs,
            'limits' => ['switches' => MistakesByTable::MOST_SWITCHES, 'pairStates' => MistakesByTable::MOST_PAIR_STATES],
        ];
    }

    /** @return array<string, mixed> */
    private function mistake(int $i, Mistake $mistake): array
    {
        $table = $this->catalogue->tableOf(new Suspect($this->catalogue->right, [$i => $mistake]));

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
        $apart = TellingTests::of($group->suspects);
        $names = fn (array $suspects) => array_map(fn (Suspect $suspect) => array_keys($suspect->mistakes), $suspects);

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
