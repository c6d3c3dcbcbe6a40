<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Shown;

/** What is tested before a board is switched on: continuity, no short, insulation, polarity. */
final readonly class DeadTests
{
    /** A conductor that is continuous reads less than this (common practice: ohms, not tens of them). */
    private const CONTINUOUS_OHM = 5.0;

    public function __construct(private PointRoles $roles, private EarthedPlaces $earthed, private SheetReadings $readings)
    {
    }

    public function r1r2(): ?SheetLine
    {
        if (! $this->earthed->hasEarths()) {
            return null;
        }
        $read = [];
        foreach ($this->readings->touches(InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [[$touch->one, $touch->other], [$touch->other, $touch->one]] : [] as [$hot, $earth]) {
                foreach ($this->roles->isEarth((string) $earth) ? $this->roles->lampsFedAt((string) $hot) : [] as $lamp) {
                    // With a switch the other way the loop is open, and that is no reading of it.
                    $reading->shown === Shown::Number
                        && $this->roles->enclosureOf((string) $earth) === $this->earthed->enclosureOfLamp($lamp)
                        && $read[$lamp][] = $reading;
                }
            }
        }

        return $this->readings->perPlace(SheetItem::R1R2, array_keys($this->earthed->lampsWithEarth()), $read, self::CONTINUOUS_OHM);
    }

    public function earths(): ?SheetLine
    {
        if (! $this->earthed->hasEarths()) {
            return null;
        }
        $read = [];
        $supply = $this->roles->circuit->wiring->board->supply()->enclosure;
        foreach ($this->readings->touches(InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [] : [[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$here, $there]) {
                if ($this->earthed->isEarthPoint((string) $here) && $this->earthed->isEarthPoint((string) $there)
                    && $this->roles->enclosureOf((string) $here) === $supply) {
                    $read[$this->roles->enclosureOf((string) $there)][] = $reading;
                }
            }
        }

        return $this->readings->perPlace(SheetItem::Earths, $this->earthed->boxesWithEarth(), $read, self::CONTINUOUS_OHM);
    }

    public function noShort(): SheetLine
    {
        return $this->readings->perPair(SheetItem::NoShort, InstrumentKind::Ohm, fn (Reading $reading) => $reading->shown === Shown::Over
            || ($reading->value ?? 0.0) > Instruments::facts()['ohm']['ranges'][2][0]);
    }

    /** Each pair, and every switch both ways: in one position half of the conductors are cut off. */
    public function insulation(): SheetLine
    {
        $least = $this->roles->circuit->wiring->board->practice->proving['insulationLeastMohm'];
        $line = $this->readings->perPair(
            SheetItem::Insulation,
            InstrumentKind::Insulation,
            fn (Reading $reading) => $reading->shown === Shown::Over || ($reading->value ?? 0.0) >= $least,
        );
        $states = [];
        foreach ($this->readings->touches(InstrumentKind::Insulation) as [$logged, $touch]) {
            $this->roles->isBetween($touch, 'line', 'earth') && $states[$logged->state] = true;
        }
        $oneWay = $this->switchesInOnePosition(array_keys($states));

        return $oneWay === [] || ! $this->earthed->hasEarths()
            ? $line
            : new SheetLine($line->item, $line->worst, [...$line->left, ...$oneWay], null, why: $line->why);
    }

    public function polarity(): SheetLine
    {
        $read = [];
        foreach ($this->readings->touches(InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [] : [[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$line, $lampSide]) {
                if ($this->roles->isLine((string) $line)) {
                    foreach ($this->roles->lampsFedAt((string) $lampSide) as $lamp) {
                        $reading->shown === Shown::Number && ($reading->value ?? INF) < self::CONTINUOUS_OHM && $read[$lamp][] = $reading;
                    }
                }
            }
        }

        return $this->readings->perPlace(SheetItem::Polarity, $this->roles->circuit->lamps, $read, self::CONTINUOUS_OHM);
    }

    /**
     * @param  list<int>  $states
     * @return list<string> switches that stand the same way in all of them
     */
    private function switchesInOnePosition(array $states): array
    {
        $circuit = $this->roles->circuit;

        return array_values(array_filter($circuit->switches, function (string $switch) use ($circuit, $states): bool {
            $place = (int) array_search($switch, $circuit->switches, true);

            return count(array_unique(array_map(fn (int $state) => (int) $circuit->isDown($place, $state), $states))) < 2;
        }));
    }
}
