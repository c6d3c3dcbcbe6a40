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

    /** @param  bool  $isBack  whether it was followed from the lamp to the supply */
    public function of(CurrentPath $path, bool $isBack = false): string
    {
        $hasOwnWords = in_array($path->end, [PathEnd::OpenContact, PathEnd::NoReturn, PathEnd::Nowhere], true);

        return $this->words->say(($isBack && $hasOwnWords ? 'verdict.path-back.' : 'verdict.path.').$path->end->value, [
            'lamp' => $this->words->device($path->lamp),
            'at' => $path->end === PathEnd::Returns || $path->stopsAt === null ? '' : $this->words->place($path->stopsAt),
        ]);
    }

    /** @return list<string> one line a stretch; a joint to a conductor goes without saying where the way leads along it */
    public function stretches(CurrentPath $path): array
    {
        return array_column($this->steps($path), 'words');
    }

    /**
     * Stretch by stretch: where it leads to, and how many hops are made by then.
     *
     * @return list<array{words: string, box: string, hops: int}>
     */
    public function steps(CurrentPath $path): array
    {
        $steps = [];
        foreach ($path->hops as $i => $hop) {
            if ($hop->kind !== HopKind::Joint || ($path->hops[$i + 1]->kind ?? null) !== HopKind::Core) {
                $steps[] = [
                    'words' => Str::ucfirst($this->stretch($hop)),
                    'box' => $this->wiring->points[$hop->to]->enclosure,
                    'hops' => $i + 1,
                ];
            }
        }

        return $steps;
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
