<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\SeenState;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/**
 * Text of a file of what was seen → Seen, or every problem with its pointer.
 *
 * @phpstan-type StateJson object{switches: object, lamps: object, trip?: string|null}
 * @phpstan-type SeenJson object{meant?: object|string|null, weights?: object, states?: list<StateJson>,
 *     tellsTape?: bool,
 *     looks?: list<object{point: string, with: list<string>, taped?: list<string>}>, probes?: list<object{point: string, live: bool}>,
 *     parts?: list<object{device: string, good: bool}>}
 */
final class SeenReader
{
    /** @param  string|array<mixed>|object  $given  text of the file, or what it was decoded to */
    public static function read(string|array|object $given, Board $board, Problems $problems): ?Seen
    {
        /** @var SeenJson|null $json */
        $json = JsonText::read($given, 'seen', $problems);
        if ($json === null) {
            return null;
        }
        $meant = self::meant($json->meant ?? null, $board, $problems);
        $points = $board->points() + ($meant instanceof Wiring ? $meant->points : []);
        foreach ($json->looks ?? [] as $i => $look) {
            foreach ([["/looks/$i/point", $look->point], ...array_map(
                fn (int $j, string $with) => ["/looks/$i/with/$j", $with],
                array_keys($look->with),
                $look->with,
            ), ...array_map(
                fn (int $j, string $taped) => ["/looks/$i/taped/$j", $taped],
                array_keys($look->taped ?? []),
                $look->taped ?? [],
            )] as [$pointer, $point]) {
                isset($points[$point]) || $problems->add($pointer, ProblemCode::UnknownPoint, ['point' => $point]);
            }
        }
        foreach ($json->probes ?? [] as $i => $probe) {
            isset($points[$probe->point]) || $problems->add("/probes/$i/point", ProblemCode::UnknownPoint, ['point' => $probe->point]);
        }
        foreach ($json->parts ?? [] as $i => $part) {
            isset($board->devices[$part->device])
                || $problems->add("/parts/$i/device", ProblemCode::UnknownDevice, ['id' => $part->device]);
        }
        $states = self::states($json->states ?? [], $board, $problems);

        return $problems->any() ? null : new Seen(
            $meant,
            self::weights((array) ($json->weights ?? [])),
            $states,
            array_map(
                fn (object $look) => [
                    'point' => $look->point,
                    'with' => $look->with,
                    ...isset($look->taped) ? ['taped' => $look->taped] : [],
                ],
                $json->looks ?? [],
            ),
            array_map(fn (object $probe) => ['point' => $probe->point, 'live' => $probe->live], $json->probes ?? []),
            array_map(fn (object $part) => ['device' => $part->device, 'good' => $part->good], $json->parts ?? []),
            $json->tellsTape ?? false,
        );
    }

    /**
     * @param  array<mixed>  $weights
     * @return array<string, float>
     */
    private static function weights(array $weights): array
    {
        $read = [];
        foreach ($weights as $kind => $weight) {
            $read[(string) $kind] = is_numeric($weight) ? (float) $weight : 0.0;
        }

        return $read;
    }

    /** @return Wiring|'any'|null */
    private static function meant(mixed $meant, Board $board, Problems $problems): Wiring|string|null
    {
        if ($meant === null || $meant === Seen::ANY) {
            return $meant;
        }
        if (! is_object($meant)) {
            $problems->add('/meant', ProblemCode::UnknownMeaning, ['text' => is_string($meant) ? $meant : '']);

            return null;
        }
        $own = new Problems;
        $wiring = WiringReader::read($meant, $board, $own);
        foreach ($own->all() as $problem) {
            $problems->add("/meant$problem->pointer", $problem->code, $problem->params);
        }

        return $wiring;
    }

    /**
     * @param  list<StateJson>  $states
     * @return list<SeenState>
     */
    private static function states(array $states, Board $board, Problems $problems): array
    {
        $switches = array_map(fn (Device $device) => $device->id, $board->devicesOf(DeviceKind::Switch));
        $lamps = array_map(fn (Device $device) => $device->id, $board->devicesOf(DeviceKind::Lamp));
        $seen = [];
        foreach ($states as $i => $state) {
            $number = 0;
            $positions = (array) $state->switches;
            foreach (array_diff(array_keys($positions), $switches) as $unknown) {
                $problems->add("/states/$i/switches/$unknown", ProblemCode::UnknownDevice, ['id' => (string) $unknown]);
            }
            foreach ($switches as $place => $switch) {
                isset($positions[$switch]) || $problems->add("/states/$i/switches", ProblemCode::UnknownDevice, ['id' => $switch]);
                $number |= ($positions[$switch] ?? 'up') === 'down' ? 1 << (count($switches) - 1 - $place) : 0;
            }
            foreach (array_diff(array_keys((array) $state->lamps), $lamps) as $unknown) {
                $problems->add("/states/$i/lamps/$unknown", ProblemCode::UnknownDevice, ['id' => (string) $unknown]);
            }
            $trip = property_exists($state, 'trip') ? ($state->trip ?? 'none') : null;
            /** @var array<string, string> $does */
            $does = (array) $state->lamps;
            $seen[] = new SeenState($number, $does, $trip);
        }

        return $seen;
    }
}
