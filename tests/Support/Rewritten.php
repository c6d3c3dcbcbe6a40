<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Format\Write\WiringArray;
use Zwindle\Problem\Problems;

/** The same board and wiring, written another way: through the files, as another program might write them. */
final class Rewritten
{
    /** Every enclosure, device and cable under a new name. */
    public static function renamed(Wiring $wiring): Wiring
    {
        [$board, $made] = self::files($wiring);
        $names = [];
        foreach (['enclosures', 'devices', 'cables'] as $list) {
            foreach ($board[$list] as $i => $entry) {
                $names[$entry['id']] = 'z'.$list[0].count($names).strrev((string) $i);
            }
        }

        return self::read(self::swapNames($board, $names), self::swapNames($made, $names));
    }

    /** Lists the other way round, but for the switches: their order is the order of the states. */
    public static function reordered(Wiring $wiring): Wiring
    {
        [$board, $made] = self::files($wiring);
        $board['enclosures'] = array_reverse($board['enclosures']);
        $board['cables'] = array_reverse(array_map(fn (array $cable) => [
            ...$cable,
            'from' => $cable['to'],
            'to' => $cable['from'],
        ], $board['cables']));
        $isSwitch = fn (array $device) => str_contains($device['model'], '-switch-');
        $others = array_filter($board['devices'], fn (array $device) => ! $isSwitch($device));
        $board['devices'] = [...array_reverse(array_values($others)), ...array_filter($board['devices'], $isSwitch)];
        $made['joints'] = array_reverse(array_map(fn (array $joint) => [
            ...$joint,
            'points' => array_reverse($joint['points']),
        ], $made['joints']));

        return self::read($board, $made);
    }

    public static function mirrored(Wiring $wiring): Wiring
    {
        [$board, $made] = self::files($wiring);
        foreach ($board['enclosures'] as $i => $enclosure) {
            if (isset($enclosure['at'])) {
                $board['enclosures'][$i]['at'] = [2000 - $enclosure['at'][0], $enclosure['at'][1]];
            }
        }

        return self::read($board, $made);
    }

    /** @return array{array<string, mixed>, array<string, mixed>} */
    private static function files(Wiring $wiring): array
    {
        return [BoardArray::of($wiring->board), (array) json_decode((string) json_encode(WiringArray::of($wiring)), true)];
    }

    /**
     * @param  array<mixed>  $file
     * @param  array<string, string>  $names
     * @return array<mixed>
     */
    private static function swapNames(array $file, array $names): array
    {
        $swapped = [];
        foreach ($file as $key => $value) {
            $key = is_string($key) ? ($names[$key] ?? $key) : $key;
            $swapped[$key] = match (true) {
                is_array($value) => self::swapNames($value, $names),
                is_string($value) && $key !== 'title' && $key !== 'kind' => preg_replace_callback(
                    '/^([A-Za-z][\w-]*)(?=[.]|$)|(?<=@)[\w-]+$/',
                    fn (array $match) => $names[$match[0]] ?? $match[0],
                    $value,
                ),
                default => $value,
            };
        }

        return $swapped;
    }

    /**
     * @param  array<mixed>  $board
     * @param  array<mixed>  $made
     */
    private static function read(array $board, array $made): Wiring
    {
        $problems = new Problems;
        $made['fitted'] = (object) $made['fitted'];
        $read = BoardReader::read((string) json_encode($board), $problems);

        return ($read === null ? null : WiringReader::read((string) json_encode($made), $read, $problems))
            ?? throw new RuntimeException((string) json_encode($problems->all()));
    }
}
