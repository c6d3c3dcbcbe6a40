<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/** What a customer notices of a fault: what the light does, and no cause. */
enum Symptom: string
{
    /** Something is down at the supply. */
    case Trips = 'trips';
    case Flickers = 'flickers';
    case Dim = 'dim';
    case Never = 'never';
    case Always = 'always';
    case Sometimes = 'sometimes';
    /** It works, and the switch is on the other way round than people expect. */
    case Inverted = 'inverted';
    /** Nothing that flipping shows: it is found by looking, before somebody gets hurt. */
    case Nothing = 'nothing';

    public static function of(Suspect $fault): self
    {
        $table = $fault->table();
        $lamps = implode('', $table->lamps);
        $right = (new Suspect($fault->right, []))->table();

        return match (true) {
            $table->everTrips(), $fault->isOfSupply() => self::Trips,
            self::isSame($table, $right) => self::Nothing,
            self::isInverted($fault) => self::Inverted,
            $fault->isLooseSomewhere() && ! self::isSame($table, $fault->withContact()->table()) => self::Flickers,
            str_contains($lamps, 'd') => self::Dim,
            ! str_contains($lamps, '1') => self::Never,
            ! str_contains($lamps, '0') => self::Always,
            default => self::Sometimes,
        };
    }

    private static function isInverted(Suspect $fault): bool
    {
        $kinds = array_map(fn (Mistake $mistake) => $mistake->kind, array_values($fault->mistakes));

        return $kinds === [MistakeKind::RockerInverted];
    }

    private static function isSame(TruthTable $one, TruthTable $other): bool
    {
        return [$one->lamps, $one->trips] === [$other->lamps, $other->trips];
    }
}
