<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;

/**
 * Polarity judged as an inspector would with a meter and a long lead: what metal leads to what, position by position. It shares no code
 * with the rules, and walks metal by PathWalk.
 */
final class PolarityByHand
{
    private const LAMPS = [
        'na-lampholder' => 'neutral', 'na-luminaire' => 'neutral', 'gb-luminaire' => 'neutral', 'gb-batten-es' => 'shell',
        'gb-pendant' => 'neutral',
    ];

    private string $line;

    private string $neutral;

    /** @var list<int> positions in which line and neutral do not meet */
    private array $states = [];

    public function __construct(private readonly Wiring $wiring)
    {
        $supply = '';
        $switches = 0;
        foreach ($wiring->board->devices as $device) {
            $supply = str_ends_with($device->model->id, '-supply') ? $device->id : $supply;
            $switches += str_contains($device->model->id, '-switch-') ? 1 : 0;
        }
        [$this->line, $this->neutral] = ["$supply.line", "$supply.neutral"];
        for ($state = 0; $state < 2 ** $switches; $state++) {
            if (! PathWalk::metal($wiring, $state, $this->line, $this->neutral)) {
                $this->states[] = $state;
            }
        }
    }

    /** @return list<string> what is wrong and fails an inspection */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->wiring->board->devices as $device) {
            $model = $this->wiring->modelOf($device)->id;
            $marked = self::LAMPS[$model] ?? null;
            if ($marked !== null && $model !== 'gb-pendant' && $this->everAt("$device->id.$marked", $this->line)) {
                $faults[] = "$device->id reversed";
            }
            if ($model === 'gb-rose') {
                $isWrong = $this->everAt("$device->id.neutral", $this->line)
                    || $this->everAt("$device->id.loop", $this->neutral)
                    || $this->everAt("$device->id.switched", $this->neutral);
                $faults = $isWrong ? [...$faults, "$device->id polarity"] : $faults;
            }
            if ($model === 'na-receptacle' && $this->isReversed($device->id)) {
                $faults[] = "$device->id reversed";
            }
        }

        return $faults;
    }

    /** @return list<string> what works and has still to be put right */
    public function remarks(): array
    {
        $remarks = [];
        foreach ($this->wiring->board->devices as $device) {
            $model = $this->wiring->modelOf($device)->id;
            if ($model === 'gb-pendant' && $this->everAt("$device->id.neutral", $this->line)) {
                $remarks[] = "$device->id flex";
            }
            if ($model === 'gb-rose') {
                $isPermanent = fn (string $block) => PathWalk::metal($this->wiring, null, "$device->id.$block", $this->line);
                $isExchanged = $isPermanent('switched') || (! $isPermanent('loop') && $this->everAt("$device->id.loop", $this->line));
                $remarks = $isExchanged ? [...$remarks, "$device->id blocks"] : $remarks;
            }
        }

        return $remarks;
    }

    /** @return list<string> what a repair does not make because it stands so: a loop block without the line, a flex off its neutral */
    public function outOfOrder(): array
    {
        $found = [];
        foreach ($this->wiring->board->devices as $device) {
            $model = $this->wiring->modelOf($device)->id;
            $isAt = fn (string $terminal, string $supply) => PathWalk::metal($this->wiring, null, "$device->id.$terminal", $supply);
            if ($model === 'gb-rose' && (! $isAt('loop', $this->line) || $isAt('switched', $this->line))) {
                $found[] = "$device->id blocks";
            }
            if ($model === 'gb-pendant' && (! $isAt('neutral', $this->neutral) || $isAt('live', $this->neutral))) {
                $found[] = "$device->id flex";
            }
        }

        return $found;
    }

    /** @return list<string> ends whose tape or sleeve lies, as far as metal alone tells it */
    public function lyingMarks(): array
    {
        $lying = [];
        foreach ($this->wiring->marks as $end => $as) {
            $isNeutral = PathWalk::metal($this->wiring, null, $end, $this->neutral);
            $isLine = $this->everAt($end, $this->line);
            $lies = ($as->value === 'line' && $isNeutral && ! $isLine) || ($as->value === 'neutral' && $isLine && ! $isNeutral);
            $lying = $lies ? [...$lying, $end] : $lying;
        }

        return $lying;
    }

    private function everAt(string $point, string $supply): bool
    {
        foreach ($this->states as $state) {
            if (PathWalk::metal($this->wiring, $state, $point, $supply)) {
                return true;
            }
        }

        return false;
    }

    private function isReversed(string $receptacle): bool
    {
        foreach ($this->states as $state) {
            if (
                PathWalk::metal($this->wiring, $state, "$receptacle.hot", $this->neutral)
                && PathWalk::metal($this->wiring, $state, "$receptacle.neutral", $this->line)
            ) {
                return true;
            }
        }

        return false;
    }
}
