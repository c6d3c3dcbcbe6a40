<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** Red and black travellers are landed on other sides of the device than in the other boxes (North America). */
final readonly class HouseLayout implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $pairs = ['left' => [], 'right' => []];
        foreach ($evidence->board->devicesOf(DeviceKind::Switch) as $switch) {
            foreach (self::pairs($evidence, $switch->id) as [$red, $black, $side]) {
                $pairs[$side][] = [$red, $black];
            }
        }
        $odd = count($pairs['left']) < count($pairs['right']) ? 'left' : 'right';
        foreach ($pairs['left'] === [] || $pairs['right'] === [] ? [] : $pairs[$odd] as $pair) {
            yield new Finding(FindingCode::HouseLayout, $pair);
        }
    }

    /** @return iterable<array{string, string, string}> terminals of a red and of a black core on one pair, and the side of the red one */
    private static function pairs(Evidence $evidence, string $switch): iterable
    {
        $device = $evidence->board->devices[$switch];
        $model = $evidence->wiring->modelOf($device);
        $xOf = array_column($device->face($model)->landings, 'x', 'terminal');
        $throws = array_map(fn ($terminal) => $terminal->name, $model->withDuty(TerminalDuty::Throw));
        foreach ([$throws, ['a1', 'a2'], ['b1', 'b2']] as $pair) {
            $red = self::landingOf($evidence, $switch, $pair, Colour::Red);
            $black = self::landingOf($evidence, $switch, $pair, Colour::Black);
            if ($red !== null && $black !== null && $xOf[$red] !== $xOf[$black]) {
                yield [DevicePoint::id($switch, $red), DevicePoint::id($switch, $black), $xOf[$red] < $xOf[$black] ? 'left' : 'right'];
            }
        }
    }

    /** @param  array<int, string>  $terminals */
    private static function landingOf(Evidence $evidence, string $switch, array $terminals, Colour $colour): ?string
    {
        foreach ($terminals as $terminal) {
            foreach ($evidence->wiring->jointAt(DevicePoint::id($switch, $terminal))->points ?? [] as $id) {
                if ($evidence->point($id)->core?->colour === $colour) {
                    return $terminal;
                }
            }
        }

        return null;
    }
}
