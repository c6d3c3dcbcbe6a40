<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

use Brick\Math\BigRational;
use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Cables\ConductorVolume;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Practices\Practice;

/**
 * The allowances of a box, in the order of the paragraphs of 314.16(B).
 *
 * A core that ends or is spliced in the box counts once; pigtails, leads and everything that leaves no box count not at
 * all. Internal clamps are one allowance of the largest conductor in the box. A switch or receptacle is two, of the
 * largest conductor on it where the wiring is known, else of the largest in the box, the safe side. Grounds are one
 * allowance of the largest of them; from 2020 that is for up to four, and each further one a quarter.
 *
 * Source: NEC 314.16(B)(1)–(5), Table 314.16(B)(1) (memory).
 */
final readonly class FillCount
{
    /** @throws NoBoxFill in British practice */
    public function __construct(
        private Board $board,
        private CodeEdition $edition,
        private ?Wiring $wiring = null,
    ) {
        if (! $board->practice->reckonsBoxFill) {
            throw NoBoxFill::inBritain();
        }
    }

    /** @return list<BoxFill> every enclosure but the supply and places beyond the board */
    public function boxes(): array
    {
        $boxes = array_filter($this->board->enclosures, fn (Enclosure $enclosure) => $enclosure->kind->isOnTheWall());

        return array_values(array_map(fn (Enclosure $enclosure) => $this->of($enclosure), $boxes));
    }

    /** @param  CableType|null  $oneMore  a cable that is thought of as coming into the box too */
    public function of(Enclosure $enclosure, ?CableType $oneMore = null): BoxFill
    {
        $insulated = $earths = [];
        $cables = $this->board->cablesIn($enclosure->id);
        if ($oneMore !== null) {
            $cables[] = new Cable('one-more', $oneMore, $enclosure->id, 'elsewhere');
        }
        foreach ($cables as $cable) {
            foreach ($cable->cores as $core) {
                $core->colour->isEarths() ? $earths[] = $cable->type->size : $insulated[] = $cable->type->size;
            }
        }
        $largest = self::largest([...$insulated, ...$earths]);

        return new BoxFill($enclosure, $largest === null ? [] : [
            ...self::conductors($insulated),
            ...($enclosure->hasInternalClamps ? [self::one(AllowanceKind::Clamps, 1, $largest)] : []),
            ...$this->devices($enclosure, $largest),
            ...$this->earths($earths),
        ]);
    }

    /**
     * @param  list<string>  $sizes
     * @return list<Allowance>
     */
    private static function conductors(array $sizes): array
    {
        $allowances = [];
        foreach (array_count_values($sizes) as $awg => $count) {
            $allowances[] = self::one(AllowanceKind::Conductors, $count, (string) $awg);
        }

        return $allowances;
    }

    /** @return list<Allowance> */
    private function devices(Enclosure $enclosure, string $largestInBox): array
    {
        $sizes = [];
        foreach ($this->board->devicesIn($enclosure->id) as $device) {
            if ($device->is(DeviceKind::Switch) || $device->is(DeviceKind::Receptacle)) {
                $sizes[] = self::largest($this->conductorsOn($device)) ?? $largestInBox;
            }
        }
        $allowances = [];
        foreach (array_count_values($sizes) as $awg => $count) {
            $allowances[] = self::one(AllowanceKind::Devices, 2 * $count, (string) $awg);
        }

        return $allowances;
    }

    /** @return list<string> sizes of the cores that share a joint with a terminal of the device */
    private function conductorsOn(Device $device): array
    {
        $wiring = $this->wiring;
        if ($wiring === null) {
            return [];
        }
        $sizes = [];
        foreach ($wiring->modelOf($device)->terminals as $terminal) {
            foreach ($wiring->jointAt(DevicePoint::id($device->id, $terminal->name))->points ?? [] as $id) {
                $core = $wiring->points[$id]->core;
                if ($core instanceof Core) {
                    $sizes[] = $this->board->cables[$core->cable]->type->size;
                }
            }
        }

        return $sizes;
    }

    /**
     * @param  list<string>  $sizes
     * @return list<Allowance>
     */
    private function earths(array $sizes): array
    {
        $largest = self::largest($sizes);
        if ($largest === null) {
            return [];
        }
        $further = $this->edition->earthsInOneAllowance === null ? 0 : max(0, count($sizes) - $this->edition->earthsInOneAllowance);
        $whole = self::one(AllowanceKind::Earths, 1, $largest);

        return $further === 0
            ? [$whole]
            : [$whole, new Allowance(AllowanceKind::FurtherEarths, $further, $whole->eachIn3->dividedBy(4), $largest)];
    }

    private static function one(AllowanceKind $kind, int $count, string $awg): Allowance
    {
        return new Allowance($kind, $count, BigRational::of(ConductorVolume::in3($awg)), $awg);
    }

    /**
     * @param  list<string>  $sizes  in AWG: the smaller the number, the larger the conductor
     */
    private static function largest(array $sizes): ?string
    {
        return $sizes === [] ? null : (string) min(array_map(intval(...), $sizes));
    }
}
