<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Bench\Bench;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Hunt\NewPart;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;

/** What hands do to put faults right, tap by tap. */
final class HandRepairs
{
    /** @return list<Act> */
    public static function of(FaultyBoard $board): array
    {
        $look = $board->suspect->look();
        $acts = [];
        foreach ($board->faults as $fault) {
            foreach (self::repair($board->right, $look, $fault) as $act) {
                $acts[] = $act;
                $look = $act->step === null ? $look : Bench::standing($look)->apply($act->step)->wiring();
            }
        }

        return $acts;
    }

    /** @return iterable<Act> */
    private static function repair(Wiring $right, Wiring $look, Mistake $fault): iterable
    {
        if ($fault->fault !== null) {
            $device = $right->board->devices[$fault->fault->device];

            return yield Act::of(ActKind::Fit, $device->id.'|'.($right->modelOf($device)->function->value ?? NewPart::LAMP));
        }
        if (Suspect::isLoose($fault)) {
            return yield Act::of(ActKind::Tighten, $fault->at[1]);
        }
        if ($fault->kind === MistakeKind::CoreOpen) {
            return yield Act::of(ActKind::NewRun, $right->points[$fault->at[0]]->core?->cable);
        }
        foreach (Mending::of(new Suspect($right, [$fault])) as $move) {
            $act = self::moved($right, $look, $move);
            $look = $act->step === null ? $look : Bench::standing($look)->apply($act->step)->wiring();
            yield $act;
        }
    }

    private static function moved(Wiring $right, Wiring $look, Move $move): Act
    {
        $places = PlaceMap::of($look);
        $place = $places->placeOf((string) $move->point);
        if ($move->device !== null) {
            $function = $right->modelOf($right->board->devices[$move->device])->function?->value;

            return Act::of(ActKind::Fit, "$move->device|$function");
        }
        $to = $places->placeOf((string) $move->to);
        $joint = $look->jointAt((string) $move->to);
        // Two bare ends, or an end and a lead, meet in a connector; so does a terminal with a pigtail.
        $isLanding = $joint !== null || ($look->points[(string) $move->to] ?? null)?->isFixed() === true;
        $connector = $look->board->practice->connectorFor(2);

        return Act::work(Step::of(match (true) {
            $move->mark !== null => ['do' => 'mark', 'points' => [$place], 'as' => $move->mark->value],
            $move->to === Move::CAP => ['do' => 'cap', 'points' => [$place]],
            $isLanding => ['do' => 'land', 'points' => [$place], 'on' => $to],
            default => ['do' => 'gather', 'points' => [$to, $place], 'by' => $connector, 'ports' => null],
        }));
    }
}
