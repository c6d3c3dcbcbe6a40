<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Plan\Search\Arrangement;
use Zwindle\Plan\Search\Run;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Search\Strand;

/**
 * What the nets of a wiring say its cores carry, where a target of an arrangement is looked for.
 *
 * The supply's terminals count more than contacts of switches, and these more than sides of lamps, which may be exchanged.
 */
final class NetVotes
{
    /** Ways of one run that are looked at. */
    private const MOST_WAYS = 400;

    /** @var array<int, array<string, int>> net of the wiring → strand → how much speaks for it */
    private array $speakers = [];

    private readonly Nets $nets;

    private function __construct(private readonly StandingWiring $standing, private readonly Arrangement $arrangement, Board $board)
    {
        $this->nets = Nets::of($standing->wiring);
        foreach ($arrangement->strands as $strand) {
            foreach ($strand->points as $point) {
                $this->speak($point, $strand->key, match ($board->devices[DevicePoint::deviceOf($point)]->model->kind) {
                    DeviceKind::Supply => 4, DeviceKind::Switch => 2, default => 1,
                });
            }
        }
        foreach ($standing->wiring->points as $point) {
            if (StandingWiring::isEarth($point)) {
                $this->speak($point->id, Target::EARTH, 0);
            }
        }
    }

    /** @return list<RunWays> of every run with cores to choose from, the way that the nets speak for first */
    public static function waysOf(StandingWiring $standing, Board $board, RunGraph $graph, Arrangement $arrangement): array
    {
        $votes = new self($standing, $arrangement, $board);
        $all = [];
        foreach ($graph->runs as $i => $run) {
            $ways = $votes->ways($run, $i);
            if ($ways !== []) {
                $all[] = RunWays::of($run, $ways);
            }
        }

        return $all;
    }

    /** @return list<array<string, string|null>> core → key of its strand */
    private function ways(Run $run, int $number): array
    {
        $keys = array_map(fn (Strand $strand) => $strand->key, $this->arrangement->through($number));
        $ways = [];
        foreach (self::spreads(array_keys($run->coreChoices()[0]), $keys) as $spread) {
            if ($run->goesOn() && ! self::isMeantSo($run->cables[0], $spread)) {
                continue;
            }
            $ways[] = $spread;
            $ways = [...$ways, ...($run->goesOn() ? [] : $this->withRiders($spread))];
            if (count($ways) > self::MOST_WAYS) {
                break;
            }
        }
        $votes = array_map($this->votesFor(...), $ways);
        array_multisort($votes, SORT_DESC, array_keys($ways), SORT_ASC, $ways);

        return array_values($ways);
    }

    /** @param  array<string, string|null>  $spread */
    private static function isMeantSo(Cable $cable, array $spread): bool
    {
        return array_filter($spread) === [
            (string) $cable->lineCore()?->id() => 'line',
            (string) $cable->neutralCore()?->id() => 'neutral',
        ];
    }

    private function speak(string $point, string $key, int $weight): void
    {
        $net = $this->nets->at($point);
        $this->speakers[$net][$key] = ($this->speakers[$net][$key] ?? 0) + $weight;
    }

    /**
     * A core that is not needed may stay joined with something, if its other end is closed off: nothing need be done to it.
     *
     * @param  array<string, string|null>  $spread
     * @return iterable<array<string, string|null>>
     */
    private function withRiders(array $spread): iterable
    {
        foreach ($spread as $core => $key) {
            foreach ($key === null ? array_keys($this->speakers[$this->netOf($core)] ?? []) : [] as $rides) {
                yield [...$spread, $core => (string) $rides];
            }
        }
    }

    private function netOf(string $core): int
    {
        return $this->nets->at($this->standing->wiring->board->coreNamed($core)->ends()[0]);
    }

    /** @param  array<string, string|null>  $way */
    private function votesFor(array $way): int
    {
        $votes = 0;
        foreach ($way as $core => $key) {
            $votes += $key === null ? 0 : 2 * ($this->speakers[$this->netOf($core)][$key] ?? 0);
        }

        return $votes;
    }

    /**
     * @param  list<string>  $cores
     * @param  list<string>  $keys
     * @return iterable<array<string, string|null>> core → strand
     */
    private static function spreads(array $cores, array $keys): iterable
    {
        if ($keys === []) {
            yield array_fill_keys($cores, null);

            return;
        }
        $key = array_shift($keys);
        foreach ($cores as $i => $core) {
            $rest = $cores;
            unset($rest[$i]);
            foreach (self::spreads(array_values($rest), $keys) as $spread) {
                yield [$core => $key, ...$spread];
            }
        }
    }
}
