<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

use Zwindle\Board\Core;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Plan\Plan;

/**
 * What the conductors of a board do in one practice and in the other, and the rules behind it.
 *
 * Source: NEC 200.7(C)(1) lets a re-identified white be the supply to a switch and never the return from it; in Britain the
 * blue of a switch drop, sleeved brown, is the ordinary return (common practice; BS 7671 514.3, memory).
 */
final class Differences
{
    /** @return list<Note> */
    public static function between(Plan $before, Plan $after): array
    {
        $notes = [];
        foreach ($after->wiring->board->cables as $id => $cable) {
            $was = self::carried($before, (string) $id);
            foreach (self::carried($after, (string) $id) as $role => $colours) {
                if (isset($was[$role]) && $was[$role] !== $colours) {
                    $notes[] = new Note(NoteKind::Colour, [(string) $id], implode(' ', $was[$role]), implode(' ', $colours), $role);
                }
            }
        }
        $board = $after->wiring->board;
        $drops = self::drops($board->practice->sleevesAnyCore ? $after : $before);
        $notes[] = new Note(NoteKind::ReturnRule, $drops, $before->wiring->board->practice->id, $board->practice->id);
        $notes[] = new Note(NoteKind::NeutralRule, [], after: $board->practice->id);
        if ($board->requirements->earths) {
            $notes[] = new Note(NoteKind::EarthRule, [], after: $board->practice->id);
        }
        $onOff = array_filter($board->devicesOf(DeviceKind::Switch), fn ($switch) => $switch->model->function === SwitchFunction::OnePole);
        if ($onOff !== []) {
            $notes[] = new Note(NoteKind::PositionRule, array_column(array_values($onOff), 'id'), after: $board->practice->id);
        }

        return $notes;
    }

    /** @return array<string, list<string>> role → colours of the cores that have it in a run */
    private static function carried(Plan $plan, string $cable): array
    {
        $colours = [];
        foreach ($plan->wiring->board->cables[$cable]->cores ?? [] as $core) {
            $role = self::roleOf($plan, $core);
            if ($role !== Role::None && $role !== Role::Earth) {
                $colours[$role->value][] = $core->colour->value;
            }
        }

        return $colours;
    }

    /** @return list<string> cables that carry the line to one switch and the switched line back */
    private static function drops(Plan $plan): array
    {
        $drops = [];
        foreach (array_keys($plan->wiring->board->cables) as $cable) {
            $roles = self::carried($plan, (string) $cable);
            if (isset($roles[Role::Line->value], $roles[Role::SwitchedLine->value]) && ! isset($roles[Role::Traveller->value])) {
                $drops[] = (string) $cable;
            }
        }

        return $drops;
    }

    private static function roleOf(Plan $plan, Core $core): Role
    {
        return $plan->roleOf($core);
    }
}
