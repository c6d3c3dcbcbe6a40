<?php

declare(strict_types=1);

namespace App\Shapes\Diagnosis;

use App\Wording\MistakeSentence;
use App\Wording\MoveSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Board\Device;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\NextTest;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;

/** What fits and what to look at next, in words, for somebody who stands at the board with a phone. */
final readonly class DiagnosisScreenShape
{
    private const MOST = 8;

    private const SILENT = ['fits' => 0, 'mayBeRight' => false, 'suspects' => [], 'next' => null, 'nearest' => [], 'first' => ''];

    private Words $words;

    private Circuit $circuit;

    /** @param  bool  $isSilent  whether nothing is said about what may be wrong: whoever looks is marked for it */
    public function __construct(
        private Diagnosis $diagnosis,
        private Wiring $right,
        private Seen $seen,
        private bool $isSilent = false,
    ) {
        $this->words = Words::of($right);
        $this->circuit = Circuit::of($right);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $board = $this->right->board;
        $named = fn (DeviceKind $kind): array => array_map(
            fn (Device $device) => ['id' => $device->id, 'label' => $this->words->box($device->enclosure)],
            $board->devicesOf($kind),
        );

        return [
            'practice' => $board->practice->id,
            'switches' => $named(DeviceKind::Switch),
            'lamps' => $named(DeviceKind::Lamp),
            'walk' => FlipWalk::of($this->circuit->switches),
            'isSilent' => $this->isSilent,
            ...$this->isSilent ? self::SILENT : $this->told(),
            'contradictions' => array_map(
                fn (string $pointer) => __('diagnosis.contradiction', ['entry' => DiagnosisShape::entry($pointer)]),
                $this->diagnosis->contradictions,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function told(): array
    {
        return [
            'first' => match (true) {
                $this->seen->isAllDark() => $this->words->say('diagnosis.all-dark'),
                $this->seen->everTripped() => $this->words->say('diagnosis.halve'),
                default => '',
            },
            'fits' => $this->diagnosis->fits,
            'mayBeRight' => $this->diagnosis->mayBeRight,
            'suspects' => array_map($this->suspect(...), array_slice($this->diagnosis->suspects, 0, self::MOST)),
            'next' => $this->next($this->diagnosis->next[0] ?? null),
            'nearest' => array_map(
                fn (array $near) => $this->text($near[0]).' ('.implode(', ', array_map(DiagnosisShape::entry(...), $near[1])).')',
                $this->diagnosis->nearest,
            ),
        ];
    }

    /** @return array{kind: string, at: list<string>, text: string, repair: list<string>} */
    private function suspect(Suspect $suspect): array
    {
        $first = array_values($suspect->mistakes)[0] ?? null;

        return [
            'kind' => $first->kind->value ?? '',
            'at' => $first->at ?? [],
            'text' => $this->text($suspect),
            'repair' => $this->repair($suspect),
        ];
    }

    private function text(Suspect $suspect): string
    {
        return (new MistakeSentence($this->words))->sentence($suspect->mistakes);
    }

    /** @return list<string> */
    private function repair(Suspect $suspect): array
    {
        $inside = [];
        foreach ($suspect->mistakes as $mistake) {
            $key = match (true) {
                $mistake->kind === MistakeKind::LampBlown => 'lamp',
                $mistake->kind === MistakeKind::PullChainOff => 'chain',
                $mistake->kind === MistakeKind::Pinched => 'pinched',
                $mistake->fault !== null => 'part',
                $mistake->kind === MistakeKind::CoreOpen => 'run',
                $mistake->kind === MistakeKind::LineUnmarked => 'mark',
                Suspect::isLoose($mistake) => 'tighten',
                default => null,
            };
            if ($key !== null) {
                $inside[] = Str::ucfirst($this->words->say("diagnosis.repair.$key", ['place' => $this->placeOf($mistake)]));
            }
        }
        $sentence = new MoveSentence($suspect->look());
        $moves = array_filter(
            $this->isPinched($suspect) ? [] : Mending::of($suspect),
            fn (Move $move) => $move->from !== $move->to || $move->from === null,
        );
        $moves = array_filter($moves, fn (Move $move) => $move->device === null || ! $this->isSamePart($suspect, $move));

        return [...array_map($sentence->of(...), array_values($moves)), ...$inside];
    }

    /** Then nothing is landed anywhere else. */
    private function isPinched(Suspect $suspect): bool
    {
        $kinds = array_map(fn (Mistake $mistake) => $mistake->kind, array_values($suspect->mistakes));

        return $kinds === [MistakeKind::Pinched];
    }

    private function isSamePart(Suspect $suspect, Move $move): bool
    {
        return $suspect->look()->modelOf($this->right->board->devices[(string) $move->device])->id === $move->fit;
    }

    private function placeOf(Mistake $mistake): string
    {
        return $mistake->fault === null ? $this->words->place($mistake->at[0]) : $this->words->device($mistake->fault->device);
    }

    /** @return array<string, mixed>|null */
    private function next(?NextTest $test): ?array
    {
        if ($test === null) {
            return null;
        }
        $at = (string) $test->at;
        $positions = $test->kind === 'flip' ? $this->circuit->positionsIn((int) $test->at) : [];

        return [
            'kind' => $test->kind,
            'at' => $at,
            'positions' => (object) $positions,
            'text' => $test->kind === 'flip' ? '' : $this->words->say("diagnosis.ask.$test->kind", [
                'box' => $this->words->box($this->words->enclosureOf($at)),
                'place' => $this->words->shortPlace($at),
            ]),
            'choices' => $test->kind === 'look' ? $this->choices($at) : [],
        ];
    }

    /**
     * What may be found joined there, by the suspects that are left; each once.
     *
     * @return list<array{with: list<string>, taped: list<string>, name: string, conductors: list<array{colour: string, mark: string}>}>
     */
    private function choices(string $point): array
    {
        $choices = [];
        $suspects = [new Suspect($this->right, []), ...$this->diagnosis->suspects];
        foreach ($suspects as $one) {
            $with = array_values(array_diff($one->look()->jointAt($point)->points ?? [], [$point]));
            sort($with);
            $taped = $one->tapedAt($point);
            $choices[implode(' ', [...$with, 'taped', ...$taped])] ??= [
                'with' => $with,
                'taped' => $taped,
                'name' => $with === [] ? $this->words->say('diagnosis.nothing') : $this->joined($point, $with, $taped),
                'conductors' => $this->conductors($one, $with),
            ];
        }

        return array_values($choices);
    }

    /**
     * @param  list<string>  $ends
     * @return list<array{colour: string, mark: string}> as eyes find them, each with the colour of its tape or sleeve
     */
    private function conductors(Suspect $one, array $ends): array
    {
        $conductors = [];
        foreach ($ends as $end) {
            $colour = $this->right->points[$end]->core?->colour->value;
            $mark = $one->look()->markOn($end);
            if ($colour !== null) {
                $conductors[] = [
                    'colour' => $colour,
                    'mark' => $mark === null ? '' : $this->right->board->practice->marks[$mark->value],
                ];
            }
        }

        return $conductors;
    }

    /**
     * What is joined there in words, with what of it carries tape wherever the plan wants some.
     *
     * @param  list<string>  $with
     * @param  list<string>  $taped
     */
    private function joined(string $point, array $with, array $taped): string
    {
        $names = Str::ucfirst($this->words->list(array_map($this->words->shortPlace(...), $with)));
        $wanted = array_values(array_filter([$point, ...$with], fn (string $end) => isset($this->right->marks[$end])));
        $bare = array_values(array_diff($wanted, $taped));
        $told = $bare === [] ? $wanted : $bare;

        return $told === [] ? $names : "$names, ".$this->words->say($bare === [] ? 'diagnosis.taped' : 'diagnosis.bare', [
            'ends' => $this->words->list($this->briefly($told)),
        ]);
    }

    /**
     * Ends by their color where that tells them apart.
     *
     * @param  list<string>  $ends
     * @return list<string>
     */
    private function briefly(array $ends): array
    {
        $brief = array_map($this->words->wireOf(...), $ends);

        return count(array_unique($brief)) === count($ends) ? $brief : array_map($this->words->shortPlace(...), $ends);
    }
}
