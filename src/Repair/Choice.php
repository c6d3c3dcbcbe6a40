<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Core;
use Zwindle\Board\Device;
use Zwindle\Plan\Run;

/** What is free in a target: which core of a run carries which strand, or which terminal of a device takes which. */
final readonly class Choice
{
    /**
     * @param  list<string>  $boxes  enclosures that it shows in
     * @param  non-empty-list<array<string, string|null>>  $ways  core or terminal → key of its strand
     * @param  non-empty-list<array<string, array<string, string|null>>>  $landings  way → enclosure → point → key of its strand
     */
    private function __construct(
        public bool $isOfRun,
        public array $boxes,
        public array $ways,
        public array $landings,
    ) {
    }

    /**
     * @param  array<string, Core>  $cores
     * @param  non-empty-list<array<string, string|null>>  $ways  core → key of its strand
     */
    public static function ofRun(Run $run, array $cores, array $ways): self
    {
        $landings = array_map(function (array $way) use ($run, $cores): array {
            $ends = [$run->from => [], $run->to => []];
            foreach ($way as $core => $key) {
                $ends[$run->from][$cores[$core]->endIn($run->from)] = $key;
                $ends[$run->to][$cores[$core]->endIn($run->to)] = $key;
            }

            return $ends;
        }, $ways);

        return new self(true, [$run->from, $run->to], $ways, $landings);
    }

    /** @param  non-empty-list<array<string, string>>  $ways  terminal → key of its strand; those left out have none */
    public static function ofDevice(Device $device, array $ways): self
    {
        $none = array_fill_keys(array_map(fn (string $terminal) => "$device->id.$terminal", array_keys($device->model->terminals)), null);
        $earths = array_map(fn ($terminal) => "$device->id.$terminal->name", array_filter($device->model->terminals, fn ($terminal) => $terminal->isEarth()));
        $ways = array_map(fn (array $way) => [...array_diff_key($none, array_flip($earths)), ...$way], $ways);

        return new self(false, [$device->enclosure], $ways, array_map(fn (array $way) => [$device->enclosure => $way], $ways));
    }
}
