<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\Hop;
use Zwindle\Circuit\Trace\HopKind;
use Zwindle\Circuit\Trace\PathEnd;

/** The way of the current in words, beside the drawing. */
final readonly class PathSentence
{
    private Words $words;

    public function __construct(private Wiring $wiring)
    {
        $this->words = Words::of($wiring);
    }

    public function of(CurrentPath $path): string
    {
        return $this->words->say('verdict.path.'.$path->end->value, [
            'lamp' => $this->words->device($path->lamp),
            'at' => $path->end === PathEnd::Returns || $path->stopsAt === null ? '' : $this->words->place($path->stopsAt),
        ]);
    }

    /** @return list<string> one line a stretch; a joint to a conductor goes without saying where the way leads along it */
    public function stretches(CurrentPath $path): array
    {
        $told = array_filter(
            $path->hops,
            fn (Hop $hop, int $i) => $hop->kind !== HopKind::Joint || ($path->hops[$i + 1]->kind ?? null) !== HopKind::Core,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(fn (Hop $hop) => Str::ucfirst($this->stretch($hop)), array_values($told));
    }

    private function stretch(Hop $hop): string
    {
        $from = $this->wiring->points[$hop->from];
        $to = $this->wiring->points[$hop->to];

        return match ($hop->kind) {
            HopKind::Core => $this->words->say('verdict.hop.core', [
                'from' => $this->words->wireOf($hop->from),
                'cable' => (string) $from->core?->cable,
                'box' => $this->words->box($to->enclosure),
            ]),
            HopKind::Joint => $this->words->say('verdict.hop.joint', ['spot' => $this->words->spots([$hop->to])]),
            HopKind::Contact, HopKind::OpenContact => $this->words->say('verdict.hop.contact', [
                'box' => $this->words->box($to->enclosure), 'device' => (string) $from->device, 'to' => $this->words->terminalOf($hop->to),
            ]),
            HopKind::Lamp => $this->words->say('verdict.hop.lamp', ['lamp' => $this->words->device((string) $from->device)]),
        };
    }
}
