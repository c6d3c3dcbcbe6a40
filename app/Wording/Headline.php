<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Circuit\Scheme\ControlView;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\PathEnd;
use Zwindle\Repair\Advice;

/** The verdict in one sentence: what the lamp does, and why. */
final readonly class Headline
{
    private Words $words;

    /** @param  Advice|null  $advice  asked only where no finding names the cause; null where the wiring is right */
    public function __construct(private Result $result, private ?Advice $advice = null)
    {
        $this->words = Words::of($result->evidence->wiring);
    }

    public function sentence(): string
    {
        return match ($this->result->verdict) {
            Verdict::Pass => $this->pass(),
            Verdict::Remarks => $this->words->say('verdict.remarks', ['remarks' => $this->remarks()]),
            Verdict::Fail => Str::ucfirst(rtrim($this->behaviour().$this->cause(), ': ')),
        };
    }

    private function pass(): string
    {
        $control = $this->result->evidence->board->controls[0] ?? null;
        if ($control === null || count($this->result->evidence->board->controls) > 1) {
            return $this->words->say('verdict.pass-plain');
        }

        return $this->words->say('verdict.pass', [
            'switches' => $this->words->list(array_map($this->words->placeOfDevice(...), $control->switches)),
            'control' => $this->words->count('verdict.control', count($control->switches)),
            'lamps' => $this->words->list(array_map($this->words->placeOfDevice(...), $control->lamps)),
        ]);
    }

    private function remarks(): string
    {
        $count = count(array_filter($this->result->causes(), fn (Finding $finding) => $finding->severity() === Severity::Remark));

        return $this->words->count('verdict.remark-count', $count);
    }

    private function behaviour(): string
    {
        $evidence = $this->result->evidence;
        $control = $this->mainControl();
        $trips = $evidence->table->count() - substr_count($evidence->table->trips, '-');
        $lamp = $control?->control->lamps[0];

        return match (true) {
            $trips === $evidence->table->count() => $this->words->say('verdict.trips-all'),
            $trips > 0 => $this->words->say('verdict.trips-some', ['count' => $trips, 'all' => $evidence->table->count()]),
            $control === null || $lamp === null => '',
            $control->behaves => $this->words->say($this->isDangerous() ? 'verdict.works-but' : 'verdict.works-fault'),
            count($evidence->controls) > 1 => $this->words->say('verdict.of-lamp', [
                'lamp' => $this->words->device($lamp),
            ]).Str::lcfirst($this->behaviourOf($lamp)),
            default => $this->behaviourOf($lamp),
        };
    }

    private function behaviourOf(string $lamp): string
    {
        $evidence = $this->result->evidence;

        return match (true) {
            ! $evidence->table->isEverLit($lamp) => $this->words->say('verdict.never'),
            $evidence->table->isEverDim($lamp) => $this->words->say('verdict.dim'),
            ! $evidence->table->isEverDark($lamp) => $this->words->say('verdict.always'),
            default => $this->litWhen($lamp),
        };
    }

    private function litWhen(string $lamp): string
    {
        $table = $this->result->evidence->table;
        $seen = [];
        $lit = 0;
        for ($state = 0; $state < $table->count(); $state++) {
            if (! $table->lampIn($lamp, $state)->isLit()) {
                continue;
            }
            $lit++;
            foreach ($table->positionsIn($state) as $switch => $position) {
                $seen[$switch][$position] = true;
            }
        }
        $gates = array_filter($seen, fn (array $positions) => count($positions) === 1);
        if (count($gates) !== 1) {
            return $this->words->say('verdict.lit-in', ['count' => $lit, 'all' => $table->count()]);
        }
        $switch = (string) array_key_first($gates);

        return $this->words->say('verdict.only-while', [
            'switch' => $this->words->device($switch),
            'position' => (string) array_key_first($gates[$switch]),
        ]);
    }

    /** The first control that does not work, else the first. */
    private function mainControl(): ?ControlView
    {
        $controls = $this->result->evidence->controls;

        return array_values(array_filter($controls, fn (ControlView $control) => ! $control->behaves))[0] ?? $controls[0] ?? null;
    }

    private function isDangerous(): bool
    {
        return array_filter($this->result->findings, fn (Finding $finding) => $finding->severity() === Severity::Danger) !== [];
    }

    /** Cause and place: of the mistake that explains the most, and of one more. */
    private function cause(): string
    {
        $mistakes = $this->mistakes();
        if ($mistakes === []) {
            return $this->byRepair();
        }
        $clauses = array_values(array_unique(array_map($this->clause(...), $mistakes)));

        return count($clauses) === 1
            ? $clauses[0]
            : $this->words->say('verdict.and-also', ['first' => rtrim($clauses[0], '.'), 'last' => $clauses[1]]);
    }

    private function clause(Finding $finding): string
    {
        $sentences = new FindingSentence($this->result);
        $shape = isset($finding->params['shape']) ? '-'.$finding->params['shape'] : '';
        $key = "verdict.clause.{$finding->code->value}$shape";

        return Lang::has($key, Region::of($this->result->evidence->board->practice))
            ? $this->words->say($key, $sentences->params($finding))
            : $this->goingOn($sentences->of($finding));
    }

    /** Where no finding says what was done wrong: what the smallest repair takes back, or the box it is in. */
    private function byRepair(): string
    {
        $stops = $this->whereTheLineStops();
        $remedy = $stops === '' ? $this->advice?->first() : null;
        if ($remedy === null) {
            return $stops;
        }
        if ($remedy->undoes !== []) {
            return (new MistakeSentence($this->words))->all($remedy->undoes).'.';
        }
        $move = $remedy->moves[0];

        return $this->words->say(
            'verdict.look-in',
            ['box' => $this->words->box($this->words->enclosureOf((string) ($move->point ?? $move->device)))],
        );
    }

    /** For a lamp that no switch position can reach, and no single mistake explains. */
    private function whereTheLineStops(): string
    {
        $circuit = $this->result->evidence->circuit;
        $lamp = $this->mainControl()?->control->lamps[0];
        $path = $lamp === null ? null : CurrentPath::towards($circuit, $lamp, 0);

        return $path?->end === PathEnd::Nowhere && $path->stopsAt !== null
            ? $this->words->say('verdict.stops-at', ['at' => $this->words->place($path->stopsAt)])
            : '';
    }

    /**
     * The mistake that explains the most of what was seen, and one more. What was seen is no mistake itself unless its reason is
     * known; what explains nothing comes first only where the lamps do as they should.
     *
     * @return list<Finding> two at most
     */
    private function mistakes(): array
    {
        $works = array_filter($this->result->evidence->controls, fn (ControlView $control) => ! $control->behaves) === [];
        $explained = array_count_values(array_filter(
            array_map(fn (Finding $finding) => $finding->causedBy, $this->result->findings),
            is_int(...),
        ));
        $found = [];
        foreach ($this->result->findings as $i => $finding) {
            $isMistake = $finding->causedBy === null && $finding->severity()->fails()
                && (
                    ! $finding->code->isSymptom()
                    || $finding->code === FindingCode::WrongLamp
                    || ($finding->params['shape'] ?? '') === 'on-line'
                );
            if ($isMistake) {
                $found[] = ['explains' => ($explained[$i] ?? 0) + ($finding->code->isSymptom() ? 1 : 0), 'finding' => $finding];
            }
        }
        // One exchange of line and neutral shows at every light behind it: one of them is named.
        $told = [];
        $found = array_values(array_filter($found, function (array $one) use (&$told): bool {
            $code = $one['finding']->code->value;
            $isKnown = isset($one['finding']->params['lamp'], $told[$code]);
            $told[$code] = true;

            return ! $isKnown;
        }));
        usort($found, fn (array $one, array $other) => $other['explains'] <=> $one['explains']);

        return $found !== [] && ($works || $found[0]['explains'] > 0) ? array_column(array_slice($found, 0, 2), 'finding') : [];
    }

    /** A sentence after a colon: with a small letter, but for one that begins with the name of a place. */
    private function goingOn(string $sentence): string
    {
        foreach ($this->result->evidence->board->enclosures as $box) {
            if (str_starts_with($sentence, $box->label)) {
                return $sentence;
            }
        }

        return Str::lcfirst($sentence);
    }
}
