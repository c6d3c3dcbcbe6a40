<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Shapes\Boards\EditionsShape;
use App\Shapes\Boards\FigureLines;
use App\Shapes\Boards\NearestPlanShape;
use App\Wording\EditionChanges;
use App\Wording\FindingSentence;
use App\Wording\Headline;
use App\Wording\MistakeSentence;
use App\Wording\SchemeSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Check\Evidence\ExpectedLamp;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Format\Write\DiagramArray;
use Zwindle\Format\Write\LayerArray;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\Repair;
use Zwindle\Schematic\Diagram;

/** A verdict as it is shown: one sentence, the states, the findings where they are, what puts it right. */
final readonly class VerdictShape
{
    private Result $shown;

    /**
     * @param  Result  $own  by the board's own edition
     * @param  Advice  $advice  on the check that is shown: by its own edition, or by another that is looked at
     */
    public function __construct(private Result $own, private Advice $advice, private ?NearestPlan $nearest)
    {
        $this->shown = $advice->result;
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $evidence = $this->shown->evidence;
        $words = Words::of($evidence->wiring);

        return [
            'verdict' => $this->shown->verdict->value,
            'headline' => (new Headline($this->shown, $this->advice))->sentence(),
            'schemes' => (new SchemeSentence($evidence))->all(),
            'edition' => $evidence->edition->id,
            'editions' => EditionsShape::of($this->own->evidence->edition->id),
            'changes' => (new EditionChanges($this->own, $this->shown))->sentences(),
            'diagram' => DiagramArray::of(new Diagram($evidence->circuit, $evidence->roles)),
            'layerNames' => [
                'line' => Str::ucfirst($words->role('line')),
                'neutral' => Str::ucfirst($words->role('neutral')),
                'earth' => Str::ucfirst($words->role('earth')),
            ],
            'layers' => LayerArray::places($evidence),
            'figures' => (new FigureLines($evidence))->lines(),
            'repair' => $this->repair(),
            'nearest' => (new NearestPlanShape($this->shown, $this->nearest))->json(),
            'cited' => $this->shown->citesSections() ? $words->say('verdict.cited') : '',
            'caution' => $words->say('verdict.caution'),
            'switches' => array_map(fn (string $id) => [
                'id' => $id,
                'label' => $words->device($id),
                'box' => $words->enclosureOf($id),
            ], $evidence->circuit->switches),
            'lamps' => $this->lamps($words),
            'trips' => $evidence->table->trips,
            'findings' => $this->findings($words),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function lamps(Words $words): array
    {
        $evidence = $this->shown->evidence;
        $switchesOf = [];
        foreach ($evidence->board->controls as $control) {
            foreach ($control->lamps as $lamp) {
                $switchesOf[$lamp] = $control->switches;
            }
        }

        return array_map(fn (string $id) => [
            'id' => $id,
            'label' => $words->device($id),
            'box' => $words->enclosureOf($id),
            'states' => $evidence->table->lamps[$id],
            'expected' => isset($switchesOf[$id]) ? ExpectedLamp::letters($evidence->table, $id, $switchesOf[$id]) : null,
        ], $evidence->circuit->lamps);
    }

    /**
     * The first of the smallest repairs, or what tidies up, and longer repairs that end in a better verdict.
     *
     * @return array<string, mixed>
     */
    private function repair(): array
    {
        $smallest = $this->advice->smallest();
        $words = Words::of($this->shown->evidence->wiring);
        $tidy = $this->advice->tidy()[0] ?? null;
        $first = match (true) {
            isset($smallest->repairs[0]) => $this->way('repair', $smallest->repairs[0]),
            $tidy !== null => $this->way($this->shown->verdict === Verdict::Fail ? 'insisted' : 'tidy', new Repair($tidy, [])),
            default => ['title' => '', 'note' => '', 'moves' => [], 'after' => null, 'undoes' => ''],
        };

        return [
            ...$first,
            'also' => array_map(fn (Repair $repair) => $this->way('better', $repair), $smallest->also),
            'reason' => match (true) {
                $smallest->reason !== null => $words->say("plan.no-repair.{$smallest->reason->value}"),
                $this->shown->verdict === Verdict::Fail && $first['moves'] === [] => $words->say('verdict.insisted'),
                default => null,
            },
        ];
    }

    /** @return array{title: string, note: string, moves: list<array<string, mixed>>, after: array<string, mixed>, undoes: string} */
    private function way(string $kind, Repair $repair): array
    {
        $wiring = $this->shown->evidence->wiring;
        $words = Words::of($wiring);
        $moves = $repair->moves;
        $after = $this->advice->after($moves);
        $isClean = $after->verdict === Verdict::Pass;

        return [
            'title' => $words->count("plan.$kind", count($moves)),
            'note' => $isClean ? '' : $words->say("plan.$kind-leaves"),
            'moves' => array_map(
                fn (array $move, int $i) => [
                    ...$move,
                    'standing' => WiringAsSteps::of(Mover::make($wiring, array_slice($moves, 0, $i + 1))),
                ],
                MovesShape::all($moves, $wiring),
                array_keys($moves),
            ),
            'after' => $this->after($after),
            'undoes' => (new MistakeSentence($words))->all($repair->undoes),
        ];
    }

    /**
     * What the board does once it is put right.
     *
     * @return array{verdict: string, lamps: list<array{id: string, states: string}>, trips: string}
     */
    private function after(Result $result): array
    {
        $table = $result->evidence->table;

        return [
            'verdict' => $result->verdict->value,
            'lamps' => array_map(
                fn (string $id) => ['id' => $id, 'states' => $table->lamps[$id]],
                $this->shown->evidence->circuit->lamps,
            ),
            'trips' => $table->trips,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function findings(Words $words): array
    {
        $sentences = new FindingSentence($this->shown);
        $places = PlaceMap::of($this->shown->evidence->wiring);

        return array_map(fn (Finding $finding) => [
            'code' => $finding->code->value,
            'severity' => $finding->severity()->value,
            'at' => array_map($places->placeOf(...), $finding->at),
            'boxes' => array_values(array_unique(array_map($words->enclosureOf(...), $finding->at))),
            'message' => $sentences->of($finding),
            'reference' => $finding->reference,
            'causedBy' => $finding->causedBy,
        ], $this->shown->findings);
    }
}
