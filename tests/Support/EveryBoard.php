<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Device;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Planner;

/** Right wirings of every board in the repository, and the parts that could wrongly be fitted on them. */
final class EveryBoard
{
    /** @return array<string, Wiring> by the board's file: library, corpus and patterns, each as its first plan wires it */
    public static function wired(): array
    {
        $wired = [];
        foreach (self::paths() as $path) {
            $plan = Planner::plan(Files::board($path))->plans[0] ?? null;
            $wired += $plan === null ? [] : [$path => $plan->wiring];
        }

        return $wired;
    }

    /** @return list<string> library, patterns and corpus, no two alike */
    public static function paths(): array
    {
        $paths = [];
        foreach ([
            'database/demo/*/board.json',
            'database/patterns/*.board.json',
            'tests/Corpus/contract/*.board.json',
            'tests/Corpus/right/*/*board.json',
            'tests/Corpus/findings/*/*board.json',
        ] as $pattern) {
            foreach (glob(Files::path($pattern)) ?: [] as $path) {
                $path = substr($path, strlen(Files::path('')));
                $paths[md5(Files::text($path))] = $path;
            }
        }

        return array_values($paths);
    }

    /** @return list<array{string, DeviceModel}> every switch of a board with every other switch of its practice */
    public static function wrongParts(Wiring $right): array
    {
        $pairs = [];
        foreach ($right->board->devicesOf(DeviceKind::Switch) as $switch) {
            foreach (self::switchesOf($switch, $right->board->practice) as $model) {
                $pairs[] = [$switch->id, $model];
            }
        }

        return $pairs;
    }

    /** @return list<DeviceModel> */
    private static function switchesOf(Device $switch, Practice $practice): array
    {
        return array_values(array_filter(
            DeviceCatalogue::of($practice),
            fn (DeviceModel $model) => $model->kind === DeviceKind::Switch
                && $model->id !== $switch->model->id,
        ));
    }
}
