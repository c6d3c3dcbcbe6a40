<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Hunt\Naming;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\ActRefusal;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\IsolationStep;
use Zwindle\Proving\Order\Reason;
use Zwindle\Proving\Order\SheetItem;
use Zwindle\Proving\Order\SheetLine;
use Zwindle\Proving\Outcome;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Rig\Supply;
use Zwindle\Repair\Mistake\MistakeKind;

/** Supply, instruments, readings and tests in words. Places come as eyes name them. */
final readonly class ProvingSentence
{
    /** Amendment 2 of the 18th edition: one test at the rated current (memory). */
    private const RCD_ONCE_FROM = 2022;

    private Words $words;

    /**
     * @param  array<string, string>  $placeNames  point → its box and what eyes call it there
     * @param  string  $title  what is written on the breaker of the board; in an exam the board's own title would tell which it is
     */
    public function __construct(private Board $board, private array $placeNames, private string $title)
    {
        $this->words = new Words($board);
    }

    /** A part of the supply as it is written on it: of the breakers one has the board's name. */
    public function part(string $part, string $own): string
    {
        if (! in_array($part, Supply::BREAKERS, true)) {
            return $this->words->say("proving.supply.$part");
        }
        $decoys = array_values($this->words->group('proving.supply.decoys'));
        $others = array_values(array_diff(Supply::BREAKERS, [$own]));
        $number = (int) array_search($part, Supply::BREAKERS, true) + 1;
        $label = $part === $own
            ? $this->title
            : ($decoys[(int) array_search($part, $others, true)] ?? '');

        return $this->words->say('proving.breaker', ['number' => $number, 'label' => $label]);
    }

    public function instrument(InstrumentKind $kind): string
    {
        return $this->words->say("proving.instrument.$kind->value");
    }

    public function about(InstrumentKind $kind): string
    {
        return $this->words->say("proving.about.$kind->value");
    }

    /** What an instrument shows: `0.42 Ω`, `No mark is lit.` */
    public function shown(Reading $reading): string
    {
        $key = match ($reading->shown) {
            Shown::Dark => $reading->with === InstrumentKind::Pen ? 'unlit' : 'dark',
            Shown::Tripped => $reading->value === null ? 'tripped' : 'tripped-in',
            default => $reading->shown->value,
        };

        return $reading->shown === Shown::Lamps ? $this->pattern($reading) : $this->words->say("proving.said.$key", [
            'value' => self::figure($reading),
            'volts' => (int) $reading->value,
            'unit' => self::unit($reading->with),
        ]);
    }

    public static function unit(InstrumentKind $kind): string
    {
        $facts = Instruments::facts();

        return match ($kind) {
            InstrumentKind::Ohm => $facts['ohm']['unit'],
            InstrumentKind::Insulation => $facts['insulation']['unit'],
            InstrumentKind::Loop => $facts['loop']['unit'],
            InstrumentKind::Rcd => $facts['rcd']['unit'],
            InstrumentKind::TwoPole => 'V',
            default => '',
        };
    }

    /** With as many digits as its display has: `0.42`, `16.1`, `312`. */
    public static function figure(Reading $reading): string
    {
        $value = $reading->value ?? 0.0;
        $digits = match (true) {
            $reading->with === InstrumentKind::Rcd => 1,
            $reading->with === InstrumentKind::Ohm, $reading->with === InstrumentKind::Loop => $value < 20 ? 2 : ($value < 200 ? 1 : 0),
            $reading->with === InstrumentKind::Insulation => $value < 10 ? 2 : ($value < 100 ? 1 : 0),
            default => 0,
        };

        return number_format($value, $digits, '.', '');
    }

    /** What was done and what came of it. */
    public function did(LoggedAct $logged, string $own): string
    {
        $trip = $logged->trip === null ? '' : ' '.$this->trip($logged->trip);

        return $this->act($logged->act, $logged->reading, $logged->state, $own).$trip;
    }

    public function outcome(Outcome $outcome, ?Act $act, string $own): string
    {
        if ($outcome->refusal !== null) {
            return $this->refusal($outcome->refusal);
        }
        $trip = $outcome->trip === null ? '' : ' '.$this->trip($outcome->trip->value);

        return $act === null ? trim($trip) : $this->act($act, $outcome->reading, $outcome->after->state, $own).$trip;
    }

    public function refusal(ActRefusal $refusal): string
    {
        return $this->words->say("proving.refusal.$refusal->value");
    }

    public function step(IsolationStep $step): string
    {
        return $this->words->say("proving.isolation.$step->value");
    }

    public function mistakeKind(MistakeKind $kind): string
    {
        return $this->words->say("diagnosis.kind.$kind->value");
    }

    /** What somebody said is wrong, and where. */
    public function naming(Naming $naming): string
    {
        $item = match (true) {
            isset($this->board->devices[$naming->item]) => $this->words->device($naming->item),
            default => $naming->item,
        };

        return implode(', ', array_filter([$this->words->box($naming->box), $item, $this->mistakeKind($naming->kind)]));
    }

    /** The caution that belongs to a step; nothing at most of them. */
    public function cautionAt(string $step): string
    {
        return $this->words->group('proving.step-caution')[$step] ?? '';
    }

    public function reason(Reason $reason): string
    {
        return $this->words->say("proving.why.$reason->value");
    }

    public function item(SheetItem $item): string
    {
        $key = "proving.sheet.$item->value";
        $edition = $this->words->edition();
        $ofEdition = "$key-before-".self::RCD_ONCE_FROM;

        return $edition->year < self::RCD_ONCE_FROM && Lang::has($ofEdition, Region::of($edition->practice), false)
            ? $this->words->say($ofEdition)
            : $this->words->say($key);
    }

    /** What of a line is still to be tested; nothing where all is. */
    public function left(SheetLine $line): string
    {
        return $line->left === [] ? '' : $this->words->list(array_map(fn (string $what) => match (true) {
            isset($this->words->group('proving.pair')[$what]) => $this->words->say("proving.pair.$what"),
            isset($this->board->enclosures[$what]) => $this->words->box($what),
            isset($this->board->devices[$what]) => $line->item === SheetItem::Insulation
                ? $this->words->say('proving.left.both-ways', ['switch' => $what])
                : $this->words->device($what),
            default => $this->words->say("proving.left.$what"),
        }, $line->left));
    }

    private function act(Act $act, ?Reading $reading, int $state, string $own): string
    {
        $shown = $reading === null ? '' : $this->shown($reading);
        $naming = $act->kind->isNaming() ? Naming::read((string) $act->on) : null;
        $key = $act->kind === ActKind::Prove && $reading?->shown === Shown::Dark ? 'prove-dead' : $act->kind->value;
        $part = match (true) {
            $act->on === null => '',
            $naming !== null => $this->naming($naming),
            $act->kind === ActKind::Fit => $this->newPart($act->on),
            isset($this->placeNames[$act->on]) => $this->placeNames[$act->on],
            isset($this->board->enclosures[$act->on]) => $this->words->box($act->on),
            isset($this->board->devices[$act->on]), isset($this->board->cables[$act->on]) => $act->on,
            default => $this->part($act->on, $own),
        };

        return $this->words->say("proving.did.$key", [
            'part' => $act->step === null ? $part : $this->benchStep($act->step),
            'position' => $this->positionOf((string) $act->on, $state),
            'shown' => $shown,
            'with' => $act->touch === null ? '' : $this->instrument($act->touch->with),
            'where' => $act->touch === null ? '' : $this->between(...$act->touch->with->isPlug()
                ? [$act->touch->one]
                : $act->touch->points()),
            'one' => $act->link === null ? '' : $this->place($act->link[0]),
            'other' => $act->link === null ? '' : $this->place($act->link[1]),
        ]);
    }

    /** A step at the bench, where it was done first: `Far bench, the red of W2 on the dark screw of S2`. */
    private function benchStep(Step $step): string
    {
        return $this->words->say("proving.step.{$step->kind->value}", [
            'points' => $this->words->list(array_map($this->place(...), $step->points)),
            'on' => $step->on === null ? '' : $this->place($step->on),
        ]);
    }

    private function newPart(string $on): string
    {
        [$device, $kind] = [...explode('|', $on, 2), ''];
        $part = $this->words->partKind($kind);

        return $this->words->say('proving.new-part', ['device' => $this->words->device($device), 'part' => $part]);
    }

    private function between(string ...$points): string
    {
        $named = array_values(array_map($this->place(...), $points));

        return count($named) < 2 ? ($named[0] ?? '') : $this->words->say('proving.between', ['one' => $named[0], 'other' => $named[1]]);
    }

    private function place(string $point): string
    {
        // A place on a part that was taken out since is named by what is there now.
        $device = PlaceMap::deviceOf(DevicePoint::deviceOf($point));

        return $this->placeNames[$point] ?? (isset($this->board->devices[$device]) ? $this->words->device($device) : $point);
    }

    private function positionOf(string $switch, int $state): string
    {
        $switches = array_map(
            fn ($device) => $device->id,
            $this->board->devicesOf(\Zwindle\Catalogue\Devices\DeviceKind::Switch),
        );
        $place = array_search($switch, $switches, true);

        return $place === false ? '' : (($state >> (count($switches) - 1 - $place) & 1) === 1 ? 'down' : 'up');
    }

    private function trip(string $trip): string
    {
        return $this->words->say("proving.trip.$trip", ['residual' => $this->words->say('proving.supply.residual')]);
    }

    private function pattern(Reading $reading): string
    {
        $pattern = match (implode('', array_map(intval(...), $reading->lamps))) {
            '110' => 'right',
            '100' => 'open-ground',
            '010' => 'open-neutral',
            '000' => 'open-hot',
            '101' => 'hot-neutral',
            '011' => 'hot-ground',
            default => 'other',
        };

        return $this->words->say("proving.plug.$pattern");
    }
}
