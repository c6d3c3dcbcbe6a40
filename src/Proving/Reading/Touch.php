<?php

declare(strict_types=1);

namespace Zwindle\Proving\Reading;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Proving\Rig\Rig;

/** An instrument put on points of a board, and what it shows there. */
final readonly class Touch
{
    /**
     * @param  string  $one  a point; of a plug the receptacle
     * @param  string|null  $other  the second point, of an instrument with two
     */
    public function __construct(public InstrumentKind $with, public string $one, public ?string $other = null)
    {
    }

    /**
     * @param  int  $nominalV  of the board's practice
     * @param  bool  $hasResidual  whether an RCD or GFCI watches the board
     */
    public function read(Rig $rig, Tools $tools, Scatter $scatter, int $nominalV, bool $hasResidual): Reading
    {
        $other = $this->other ?? '';

        return match ($this->with) {
            InstrumentKind::TwoPole => $this->marks($tools->testerWorks ? $rig->volt($this->one, $other, self::inner('two-pole')) : 0.0),
            InstrumentKind::Ohm => $this->ohm($rig, $tools, $scatter),
            InstrumentKind::Insulation => $this->megohm($rig, $scatter),
            InstrumentKind::Loop => $this->loop($rig, $scatter, $nominalV),
            InstrumentKind::Rcd => $this->residual($rig, $scatter, $nominalV, $hasResidual),
            InstrumentKind::Pen => new Reading(
                $this->with,
                $rig->coupledV($this->one) >= Instruments::facts()['pen']['leastV'] ? Shown::Lit : Shown::Dark,
            ),
            InstrumentKind::PlugIn => $this->plug($rig),
            InstrumentKind::Gfci => $this->button($rig, $nominalV, $hasResidual),
        };
    }

    /** @return list<string> the points that it is put on */
    public function points(): array
    {
        return $this->with->isPlug()
            ? array_map(fn (string $terminal) => DevicePoint::id($this->one, $terminal), ['hot', 'neutral', 'earth'])
            : ($this->other === null ? [$this->one] : [$this->one, $this->other]);
    }

    /** @param  array<string, string>  $readsAt  point → the point at which a probe on it reads */
    public function readingAt(array $readsAt): self
    {
        return new self(
            $this->with,
            $readsAt[$this->one] ?? $this->one,
            $this->other === null ? null : $readsAt[$this->other] ?? $this->other,
        );
    }

    /** @return array{with: string, one: string, other: string|null} */
    public function toKeep(): array
    {
        return ['with' => $this->with->value, 'one' => $this->one, 'other' => $this->other];
    }

    /** @param  array{with: string, one: string, other: string|null}  $kept */
    public static function kept(array $kept): self
    {
        return new self(InstrumentKind::from($kept['with']), $kept['one'], $kept['other']);
    }

    private function marks(float $volt): Reading
    {
        $lit = array_filter(Instruments::facts()['two-pole']['stepsV'], fn (int $step) => $volt >= $step);

        return $lit === [] ? new Reading($this->with, Shown::Dark) : new Reading($this->with, Shown::Marks, (float) max($lit));
    }

    private function ohm(Rig $rig, Tools $tools, Scatter $scatter): Reading
    {
        $facts = Instruments::facts()['ohm'];
        if (! $tools->isFuseWhole || $rig->volt($this->one, (string) $this->other, $facts['innerOhm']) >= $facts['liveV']) {
            return new Reading($this->with, Shown::FuseBlown);
        }
        $ohm = $rig->ohm($this->one, (string) $this->other);
        $seen = $ohm === null ? null : $ohm + ($tools->isNulled ? 0.0 : $facts['leadsOhm']);

        return $this->number($seen, $facts['ranges'], $facts['percent'], $scatter);
    }

    private function megohm(Rig $rig, Scatter $scatter): Reading
    {
        $facts = Instruments::facts()['insulation'];
        if ($rig->volt($this->one, (string) $this->other, $facts['innerOhm']) >= $facts['liveV']) {
            return new Reading($this->with, Shown::LiveWarning);
        }

        return $this->number($rig->megohm($this->one, (string) $this->other), $facts['ranges'], $facts['percent'], $scatter);
    }

    private function loop(Rig $rig, Scatter $scatter, int $nominalV): Reading
    {
        $facts = Instruments::facts()['loop'];
        if ($rig->volt($this->one, (string) $this->other, $facts['innerOhm']) < $facts['leastShare'] * $nominalV) {
            return new Reading($this->with, Shown::NoVolts);
        }

        return $this->number(
            $rig->loopOhm($this->one, (string) $this->other),
            $facts['ranges'],
            $facts['percent'],
            $scatter,
        );
    }

    private function residual(Rig $rig, Scatter $scatter, int $nominalV, bool $hasResidual): Reading
    {
        $facts = Instruments::facts()['rcd'];
        if ($rig->volt($this->one, (string) $this->other, self::inner('loop')) < $facts['leastShare'] * $nominalV) {
            return new Reading($this->with, Shown::NoVolts);
        }
        if (! $hasResidual || ! $rig->leaks($this->one, (string) $this->other)) {
            return new Reading($this->with, Shown::NoTrip);
        }
        $middle = ($facts['fromMs'] + $facts['toMs']) / 2;

        return new Reading($this->with, Shown::Tripped, round($middle + ($facts['toMs'] - $middle) * $scatter->of('rcd'), 1));
    }

    private function plug(Rig $rig): Reading
    {
        $facts = Instruments::facts()['plug-in'];
        [$hot, $neutral, $earth] = $this->points();
        $volts = $rig->voltsBetween($hot, $neutral, $earth, $facts['innerOhm']);

        return new Reading($this->with, Shown::Lamps, null, array_map(fn (float $volt) => $volt >= $facts['leastV'], $volts));
    }

    private function button(Rig $rig, int $nominalV, bool $hasResidual): Reading
    {
        [$hot, , $earth] = $this->points();
        // What leaks must get to the supply's earth: the button does nothing in a receptacle without ground.
        $volt = $rig->volt($hot, $earth, $nominalV / (Instruments::facts()['gfci']['testMa'] / 1000));
        if ($volt < Instruments::facts()['gfci']['leastShare'] * $nominalV) {
            return new Reading($this->with, Shown::NoVolts);
        }

        return new Reading($this->with, $hasResidual && $rig->leaks($hot, $earth) ? Shown::Tripped : Shown::NoTrip);
    }

    /**
     * @param  non-empty-list<array{float|int, float|int}>  $ranges  the top of each and its step
     */
    private function number(?float $figure, array $ranges, float $percent, Scatter $scatter): Reading
    {
        $seen = $figure === null ? null : $scatter->around($figure, $percent, implode(' ', [$this->with->value, ...$this->points()]));
        foreach ($ranges as [$top, $step]) {
            if ($seen !== null && $seen <= $top) {
                return new Reading($this->with, Shown::Number, round(round($seen / $step) * $step, 2));
            }
        }

        return new Reading($this->with, Shown::Over, (float) $ranges[count($ranges) - 1][0]);
    }

    /** @param  'two-pole'|'loop'  $instrument */
    private static function inner(string $instrument): float
    {
        return Instruments::facts()[$instrument]['innerOhm'];
    }
}
