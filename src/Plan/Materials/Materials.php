<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Board\Cable;
use Zwindle\Board\EnclosureKind;
use Zwindle\Plan\Plan;

/** Everything that a planned board takes, for one board or for a class set. */
final class Materials
{
    public const MOST_SETS = 200;

    /** @var array<string, Part> */
    private array $parts = [];

    private function __construct(private readonly int $sets)
    {
    }

    /**
     * @param  list<Cut>  $cuts  of the plan's board
     * @return list<Part> by kind, in the board's order
     */
    public static function of(Plan $plan, array $cuts, int $sets = 1): array
    {
        $wiring = $plan->wiring;
        $materials = new self($sets);
        foreach ($wiring->board->devices as $device) {
            $materials->add(PartKind::Device, $wiring->modelOf($device)->id);
        }
        foreach ($wiring->board->enclosures as $box) {
            if ($box->kind->isOnTheWall() && $box->kind !== EnclosureKind::CeilingRose) {
                $materials->add(PartKind::Box, $box->box->id ?? $box->kind->value.($box->isMetal ? ' metal' : ' plastic'));
            }
        }
        foreach ($wiring->board->enclosures as $box) {
            $cables = array_filter($wiring->board->cablesIn($box->id), fn (Cable $cable) => ! $cable->type->isSingle);
            if ($box->isMetal && ! $box->hasInternalClamps && $box->kind->isOnTheWall()) {
                $materials->add(PartKind::Entry, $wiring->board->practice->id, count($cables));
            }
        }
        foreach ($cuts as $cut) {
            $materials->add(
                PartKind::Cable,
                $cut->cable->type->id.($cut->cable->colour === null ? '' : " {$cut->cable->colour->value}"),
                $cut->cutM ?? 0.0,
            );
            $materials->add(PartKind::Support, $wiring->board->practice->id, $cut->supports);
        }
        foreach ($wiring->joints as $joint) {
            if ($joint->by->isConnector()) {
                $materials->add(PartKind::Connector, "{$joint->by->value} ".($joint->ports ?? count($joint->points)));
            }
        }
        foreach ($wiring->caps as $end) {
            $materials->add(PartKind::Cap, 'cap');
        }
        foreach ($wiring->marks as $as) {
            $materials->add(PartKind::Mark, $as->value);
        }
        $parts = array_values(array_filter($materials->parts, fn (Part $part) => $part->amount > 0 || $part->kind === PartKind::Cable));
        $order = array_flip(array_column(PartKind::cases(), 'value'));
        usort($parts, fn (Part $one, Part $other) => $order[$one->kind->value] <=> $order[$other->kind->value]);

        return $parts;
    }

    private function add(PartKind $kind, string $what, float $amount = 1.0): void
    {
        $so = $this->parts["$kind->value $what"] ?? new Part($kind, $what, 0.0);
        $this->parts["$kind->value $what"] = new Part($kind, $what, round($so->amount + $amount * $this->sets, 4));
    }
}
