<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/**
 * The measures of the pictures of boards and of opened boxes: resources/measures.json, which the browser reads too. Lengths are units of
 * the drawing; what begins with `way` is what a bend or a crossing costs.
 *
 * @phpstan-type Table array{lane: int, pitch: int, between: int, edge: array{across: int, upright: int},
 *     inside: array{width: int, height: int}, band: int, flag: array{x: int, y: int},
 *     room: array{left: int, right: int, top: int, bottom: int}, flagsDeep: int, bareDeep: int, connectorRow: int, mostRows: int,
 *     deviceGap: int, besideDevice: int, toScrew: int, toHole: int, connectorHeight: int, connectorWord: int, earthWords: int,
 *     ears: list<string>, hook: int, intoHole: int, bend: int, turn: int, crossing: int, onAnother: int, wallPerRow: int,
 *     wallSpacingMm: int, wallSameLineMm: int, wallLeastApart: int, wallMostStretch: float, wayHit: int, wayBeside: int,
 *     wayCrossing: int, wayBend: int, wayLength: float, wayMostLanes: int, labelLine: float, labelAir: float, labelSteps: int,
 *     labelAlong: list<float>}
 */
final class Measures
{
    /** @var Table|null */
    private static ?array $table = null;

    /** @return Table */
    public static function table(): array
    {
        return self::$table ??= json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/resources/measures.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }
}
