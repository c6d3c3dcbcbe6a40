<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;

/**
 * Findings read off the contract's own sentences, one by one, from the states that PathWalk walked and from metal walked
 * point by point. It shares no code with the core and knows only the codes whose definition is a plain statement.
 */
final class LiteralFindings
{
    /** @var list<array{lamps: array<string, float>, trip: string|null}> */
    private array $states;

    /** @var list<string> */
    private array $switches = [];

    public function __construct(private readonly Wiring $wiring)
    {
        $this->states = PathWalk::everyState($wiring);
        foreach ($wiring->board->devices as $device) {
            if (str_contains($device->model->id, '-switch-')) {
                $this->switches[] = $device->id;
            }
        }
    }

    /** @return list<string> codes, sorted */
    public function codes(): array
    {
        $codes = [];
        foreach ($this->wiring->board->controls as $control) {
            foreach ($control->lamps as $lamp) {
                $column = array_map(fn (array $state) => self::word($state['lamps'][$lamp]), $this->states);
                $codes[] = in_array('on', $column, true) || in_array('dim', $column, true) ? null : 'never-lights';
                $codes[] = in_array('off', $column, true) ? null : 'always-lit';
                $codes[] = in_array('dim', $column, true) ? 'dim' : null;
                foreach ($control->switches as $switch) {
                    $changes = $this->changes($column, $switch);
                    $codes[] = in_array(true, $changes, true) ? null : 'switch-no-effect';
                    $codes[] = in_array(true, $changes, true) && in_array(false, $changes, true) ? 'partial-control' : null;
                }
            }
        }
        $supply = $this->wiring->board->supply()->id;
        $codes[] = $this->everMeet("$supply.line", "$supply.neutral") ? 'short-line-neutral' : null;
        $codes[] = $this->everMeet("$supply.line", "$supply.earth") ? 'short-line-earth' : null;
        $codes[] = $this->everMeet("$supply.neutral", "$supply.earth") ? 'neutral-earth-contact' : null;
        $codes[] = $this->wiring->board->requirements->earths && $this->someEarthIsMissing("$supply.earth") ? 'earth-missing' : null;
        $codes = array_values(array_unique(array_filter($codes)));
        sort($codes);

        return $codes;
    }

    public static function knows(string $code): bool
    {
        return in_array($code, [
            'never-lights', 'always-lit', 'dim', 'switch-no-effect', 'partial-control', 'short-line-neutral', 'short-line-earth',
            'neutral-earth-contact', 'earth-missing',
        ], true);
    }

    private static function word(float $share): string
    {
        // The walk relaxes to about 1e-9; the lines are 0.1 and 0.9.
        return match (true) {
            $share > 0.9 - 1e-6 => 'on',
            $share > 0.1 - 1e-6 => 'dim',
            default => 'off',
        };
    }

    /**
     * @param  list<string>  $column
     * @return list<bool> for each position of the others, whether operating the switch changes the lamp
     */
    private function changes(array $column, string $switch): array
    {
        $weight = 2 ** (count($this->switches) - 1 - (int) array_search($switch, $this->switches, true));
        $changes = [];
        foreach ($column as $state => $word) {
            if (intdiv($state, $weight) % 2 === 0) {
                $changes[] = $word !== $column[$state + $weight];
            }
        }

        return $changes;
    }

    private function everMeet(string $one, string $other): bool
    {
        for ($state = 0; $state < count($this->states); $state++) {
            if (PathWalk::metal($this->wiring, $state, $one, $other)) {
                return true;
            }
        }

        return false;
    }

    private function someEarthIsMissing(string $supplyEarth): bool
    {
        $places = [];
        foreach ($this->wiring->board->enclosures as $enclosure) {
            $places[] = $enclosure->isMetal ? "$enclosure->id.earth" : null;
        }
        foreach ($this->wiring->board->devices as $device) {
            $places[] = isset($this->wiring->modelOf($device)->terminals['earth']) ? "$device->id.earth" : null;
        }
        foreach (array_filter($places) as $place) {
            if (! PathWalk::metal($this->wiring, null, $supplyEarth, $place)) {
                return true;
            }
        }

        return false;
    }
}
