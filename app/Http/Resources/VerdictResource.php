<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Wording\FindingSentence;
use App\Wording\Headline;
use App\Wording\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\PlaceMap;
use Zwindle\Check\Expected;
use Zwindle\Check\Finding;
use Zwindle\Check\Result;

/** @property Result $resource */
final class VerdictResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $evidence = $this->resource->evidence;
        $words = Words::of($evidence->wiring);
        $scheme = $this->resource->scheme();

        return [
            'verdict' => $this->resource->verdict->value,
            'headline' => (new Headline($this->resource))->sentence(),
            'scheme' => $scheme === null ? null : $words->say("parts.scheme.$scheme->value"),
            'edition' => $evidence->board->edition->id,
            'caution' => $words->say('verdict.caution'),
            'switches' => array_map(fn (string $id) => ['id' => $id, 'label' => $words->device($id), 'box' => $words->enclosureOf($id)], $evidence->circuit->switches),
            'lamps' => $this->lamps($words),
            'trips' => $evidence->table->trips,
            'findings' => $this->findings($words),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function lamps(Words $words): array
    {
        $evidence = $this->resource->evidence;
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
            'expected' => isset($switchesOf[$id]) ? Expected::letters($evidence->table, $id, $switchesOf[$id]) : null,
        ], $evidence->circuit->lamps);
    }

    /** @return list<array<string, mixed>> */
    private function findings(Words $words): array
    {
        $sentences = new FindingSentence($this->resource);
        $places = new PlaceMap($this->resource->evidence->board);

        return array_map(fn (Finding $finding) => [
            'code' => $finding->code->value,
            'severity' => $finding->code->severity()->value,
            'at' => array_map($places->placeOf(...), $finding->at),
            'boxes' => array_values(array_unique(array_map($words->enclosureOf(...), $finding->at))),
            'message' => $sentences->of($finding),
            'reference' => $finding->reference,
            'causedBy' => $finding->causedBy,
        ], $this->resource->findings);
    }
}
