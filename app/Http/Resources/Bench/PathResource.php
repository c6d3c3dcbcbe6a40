<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Wording\PathSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\PlaceMap;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\Hop;

/** @property array{path: CurrentPath, isBack: bool, circuit: Circuit} $resource */
final class PathResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['path' => $path, 'isBack' => $isBack, 'circuit' => $circuit] = $this->resource;
        $places = PlaceMap::of($circuit->wiring);
        $sentence = new PathSentence($circuit->wiring);

        return [
            'end' => $path->end->value,
            'sentence' => $sentence->of($path, $isBack),
            'stretches' => $sentence->stretches($path),
            'steps' => $sentence->steps($path),
            'hops' => array_map(fn (Hop $hop) => [
                'kind' => $hop->kind->value, 'from' => $places->placeOf($hop->from), 'to' => $places->placeOf($hop->to),
            ], $path->hops),
            'stopsAt' => $path->stopsAt === null ? null : $places->placeOf($path->stopsAt),
        ];
    }
}
