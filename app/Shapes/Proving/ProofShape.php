<?php

declare(strict_types=1);

namespace App\Shapes\Proving;

use App\Queries\Proving\Proving;
use App\Shapes\Bench\BenchShape;
use App\Shapes\Hunt\HuntBenchShape;
use App\Wording\ProvingSentence;
use App\Wording\Words;
use Zwindle\Bench\PlaceMap;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\Reason;
use Zwindle\Proving\Order\SheetLine;
use Zwindle\Proving\Order\StepReport;
use Zwindle\Proving\Outcome;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Touch;

/** A board under test as eyes find it: never which breaker is its own but by the words on it, never a verdict. */
final readonly class ProofShape
{
    /** Lines of what was done that are sent with each answer. */
    private const LAST_LINES = 12;

    public ProvingSentence $sentence;

    private PlaceMap $places;

    private Words $words;

    private ?HuntBenchShape $hunt;

    public function __construct(private Proving $proving)
    {
        $wiring = $proving->circuit->wiring;
        $this->places = PlaceMap::of($wiring);
        $this->words = Words::of($wiring);
        $shape = new BenchShape($wiring->board);
        $names = [];
        foreach ($wiring->points as $point) {
            $place = $this->places->placeOf($point->id);
            $name = $point->device === null ? $this->words->shortPlace($point->id) : $shape->placeName($place);
            $names[$point->id] = $names[$place] = $this->words->box($point->enclosure).", $name";
        }
        $this->sentence = new ProvingSentence($wiring->board, $names, $proving->attempt->assignment->title());
        $this->hunt = $proving->hunt === null ? null : new HuntBenchShape(
            $proving->hunt,
            $this->sentence,
            $proving->attempt->isReleased(),
        );
    }

    /** @return array<string, mixed> */
    public function json(Outcome $outcome, ?Act $act): array
    {
        $proof = $outcome->after;
        $own = $proof->supply->own;
        $need = Proving::needOf($this->proving->attempt);
        $kept = $this->proving->kept;

        return [
            'isBegun' => $kept !== null,
            'acts' => $kept->acts_count ?? 0,
            'isLive' => $outcome->isLive,
            'parts' => array_map(fn (string $part) => [
                'id' => $part,
                'name' => $this->sentence->part($part, $own),
                'state' => $proof->supply->parts[$part]->value,
                'isLocked' => in_array($part, $proof->supply->locked, true),
                'isTagged' => in_array($part, $proof->supply->tagged, true),
            ], array_keys($proof->supply->parts)),
            'switches' => $this->positions($proof->state),
            'lamps' => $this->lamps($outcome),
            'isFuseWhole' => $proof->tools->isFuseWhole,
            'isNulled' => $proof->tools->isNulled,
            'link' => $proof->link === null ? null : array_map($this->places->placeOf(...), $proof->link),
            'held' => $proof->held === null ? null : [
                'with' => $proof->held->with->value,
                'one' => $this->places->placeOf($proof->held->one),
                'other' => $proof->held->other === null ? null : $this->places->placeOf($proof->held->other),
            ],
            'reading' => $this->reading($outcome->reading),
            'said' => $this->said($outcome, $act, $own),
            'isRefused' => $outcome->refusal !== null,
            'trip' => $outcome->trip?->value,
            'need' => $need->value,
            'lines' => array_map(fn (LoggedAct $logged) => $this->sentence->did($logged, $own), $this->lastLog()),
            'ahead' => $this->isTold() ? $this->ahead($proof) : null,
            'hunt' => $this->hunt?->now(),
        ];
    }

    /** @return array<string, mixed> what does not change: instruments, the caution, what may be named */
    public function bench(): array
    {
        $practice = $this->proving->circuit->wiring->board->practice;

        return [
            'instruments' => array_map(function (string $id): array {
                $kind = InstrumentKind::from($id);

                return [
                    'id' => $id,
                    'name' => $this->sentence->instrument($kind),
                    'about' => $this->sentence->about($kind),
                    'touches' => $kind->touches(),
                    'isPlug' => $kind->isPlug(),
                ];
            }, $practice->proving['instruments']),
            'caution' => $this->words->say('proving.caution'),
            'namings' => $this->hunt?->namings(),
            'repairs' => $this->hunt?->repairs(),
        ];
    }

    /** @return array<string, mixed> how the testing was done and what is on the sheet */
    public function report(): array
    {
        $isolation = $this->proving->isolation();
        $sheet = $this->proving->sheet();
        $hazards = $sheet->energisedTooEarly === null ? $isolation->hazards : [...$isolation->hazards, Reason::EnergisedTooEarly];

        return [
            'title' => $this->words->say('proving.sheet-title'),
            'caution' => $this->words->say('proving.caution'),
            'steps' => array_map(fn (StepReport $report) => [
                'id' => $report->step->value,
                'name' => $this->sentence->step($report->step),
                'state' => $report->state->value,
                'why' => $report->why === null ? '' : $this->sentence->reason($report->why),
                'caution' => $this->sentence->cautionAt($report->step->value),
            ], $isolation->steps),
            'hazards' => array_map($this->sentence->reason(...), $hazards),
            'lines' => array_map(fn (SheetLine $line) => [
                'id' => $line->item->value,
                'name' => $this->sentence->item($line->item),
                'isDead' => $line->item->isDead(),
                'reading' => $line->worst === null ? (string) $line->count : $this->sentence->shown($line->worst),
                'isGood' => $line->isGood,
                'left' => $this->sentence->left($line),
                'why' => $line->why === null ? '' : $this->sentence->reason($line->why),
            ], $sheet->lines),
        ];
    }

    /**
     * What one instrument would show from one point to each other one of the board, to be shown without waiting; never where it is
     * graded.
     *
     * @return array<string, array<string, mixed>> place → reading
     */
    public function readingsFrom(InstrumentKind $with, string $one): array
    {
        $hands = $this->proving->hands();
        $proof = $this->proving->state();
        $readings = [];
        foreach (array_keys($this->proving->circuit->wiring->points) as $other) {
            $outcome = $other === $one ? null : $hands->do($proof, Act::touch(new Touch($with, $one, $other)));
            if ($outcome?->reading !== null) {
                $readings[$this->places->placeOf($other)] = $this->reading($outcome->reading);
            }
        }

        return array_filter($readings);
    }

    /** Whether readings may be sent ahead: where it is graded each is asked for singly, so that nothing can be read off the traffic. */
    private function isTold(): bool
    {
        return $this->proving->hunt === null && ! $this->proving->attempt->assignment->isGraded();
    }

    private function said(Outcome $outcome, ?Act $act, string $own): string
    {
        $named = $this->proving->hunt->named ?? [];

        if ($act?->kind->isNaming() !== true || $outcome->refusal !== null) {
            return $this->sentence->outcome($outcome, $act, $own);
        }
        $found = end($named)['found'] ?? null;
        if (! $this->proving->attempt->isReleased()) {
            return $this->words->say('proving.noted');
        }

        return $this->words->say(match (true) {
            $found === null => 'proving.not-it',
            $found->kind->isOfSupply() => 'proving.supply-right',
            default => 'proving.named',
        });
    }

    /**
     * What a flip of each switch would do, to be shown without waiting.
     *
     * @return list<array<string, mixed>>
     */
    private function ahead(BoardUnderTest $proof): array
    {
        $hands = $this->proving->hands();

        return array_map(function (string $switch) use ($hands, $proof): array {
            $outcome = $hands->do($proof, Act::of(ActKind::Flip, $switch));

            return [
                'switch' => $switch,
                'lamps' => (object) $outcome->lamps,
                'isLive' => $outcome->isLive,
                'trip' => $outcome->trip?->value,
                'reading' => $this->reading($outcome->reading),
            ];
        }, $this->proving->circuit->switches);
    }

    /** @return array<string, mixed>|null */
    private function reading(?Reading $reading): ?array
    {
        return $reading === null ? null : [
            'with' => $reading->with->value,
            'shown' => $reading->shown->value,
            'figure' => $reading->value === null ? '' : ProvingSentence::figure($reading),
            'unit' => ProvingSentence::unit($reading->with),
            'lamps' => $reading->lamps,
            'words' => $this->sentence->shown($reading),
        ];
    }

    /** @return list<LoggedAct> */
    private function lastLog(): array
    {
        $kept = $this->proving->kept;
        if ($kept === null) {
            return [];
        }
        $acts = $kept->acts()->reorder('number', 'desc')->limit(self::LAST_LINES)->get();

        return array_values($acts->reverse()->map(fn ($act) => LoggedAct::kept($act->act))->all());
    }

    /** @return list<array{id: string, box: string, label: string, position: string}> */
    private function positions(int $state): array
    {
        $circuit = $this->proving->circuit;
        $board = $circuit->wiring->board;

        return array_map(fn (string $switch, string $position) => [
            'id' => $switch,
            'box' => $board->devices[$switch]->enclosure,
            'label' => $this->words->box($board->devices[$switch]->enclosure),
            'position' => $position,
        ], $circuit->switches, array_values($circuit->positionsIn($state)));
    }

    /** @return list<array{id: string, box: string, label: string, state: string, isOut: bool}> */
    private function lamps(Outcome $outcome): array
    {
        $board = $this->proving->circuit->wiring->board;
        $flickering = $outcome->isLive ? ($this->proving->hunt?->board->flickering($outcome->after->state) ?? []) : [];

        return array_map(fn (string $lamp) => [
            'id' => $lamp,
            'box' => $board->devices[$lamp]->enclosure,
            'label' => $this->words->box($board->devices[$lamp]->enclosure),
            'state' => match (true) {
                in_array($lamp, $outcome->after->lampsOut, true) => 'off',
                in_array($lamp, $flickering, true) => 'flickers',
                default => $outcome->lamps[$lamp] ?? 'off',
            },
            'isOut' => in_array($lamp, $outcome->after->lampsOut, true),
        ], array_keys($outcome->lamps));
    }
}
