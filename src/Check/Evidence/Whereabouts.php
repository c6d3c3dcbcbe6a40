<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\EnclosureKind;
use Zwindle\Check\Findings\Finding;

/** What kind of place a finding is about, where an edition has a section of its own for it. */
final class Whereabouts
{
    /** @return string `earth` where it is about protective conductors alone, `light` at lights, else empty */
    public static function of(Evidence $evidence, Finding $finding): string
    {
        $points = array_values(array_filter(array_map(fn (string $id) => $evidence->wiring->points[$id] ?? null, $finding->at)));
        if ($points === []) {
            return '';
        }
        $isOfEarths = array_filter($points, fn ($point) => ! ($point->core?->colour->isEarths() ?? false)) === [];
        $isAtLights = array_filter($points, fn ($point) => ! in_array(
            $evidence->board->enclosures[$point->enclosure]->kind,
            [EnclosureKind::LightBox, EnclosureKind::CeilingRose],
            true,
        )) === [];

        return match (true) {
            $isOfEarths => 'earth',
            $isAtLights => 'light',
            default => '',
        };
    }
}
