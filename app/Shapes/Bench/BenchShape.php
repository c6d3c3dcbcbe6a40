<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Wording\Words;
use Zwindle\Bench\PlaceMap;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\LandingShape;

/** Gives names to what eyes see at a bench, in the board's trade English; never what a terminal is inside. */
final readonly class BenchShape
{
    private Words $words;

    public function __construct(private Board $board)
    {
        $this->words = new Words($board);
    }

    /**
     * @param  array{enclosures: list<array<string, mixed>>, cables: list<array<string, mixed>>}  $look
     * @return array<string, mixed>
     */
    public function name(array $look): array
    {
        foreach ($look['enclosures'] as &$enclosure) {
            foreach ($enclosure['ends'] as &$end) {
                $end['name'] = $this->words->shortPlace($end['id']);
            }
            foreach ($enclosure['devices'] as &$device) {
                $device['name'] = $this->words->say("bench.look.{$device['look']}");
                $blocks = $this->blankBlocks($device['landings']);
                foreach ($device['landings'] as $place => &$landing) {
                    $block = array_search($landing['id'], $blocks, true);
                    $landing['word'] = $block === false ? '' : $this->words->say('bench.block', ['number' => $block + 1]);
                    $landing['name'] = rtrim($this->landing($landing, $place + 1, $device).", {$landing['word']}", ', ');
                }
            }
        }

        return [...$look, 'tray' => $this->tray(), 'marks' => $this->marks(), 'words' => $this->words->group('bench.words')];
    }

    /**
     * Blocks on which nothing is printed, as one looks at them from the left: findings count them so.
     *
     * @param  list<array<string, mixed>>  $landings
     * @return list<string> their ids
     */
    private function blankBlocks(array $landings): array
    {
        $blocks = array_filter(
            $landings,
            fn (array $landing) => $landing['shape'] === LandingShape::Block->value && $landing['print'] === '',
        );
        usort($blocks, fn (array $a, array $b) => $a['x'] <=> $b['x']);

        return count($blocks) > 1 ? array_column($blocks, 'id') : [];
    }

    /** What eyes call a terminal by its place: `brass screw, place 3 of S1`. */
    public function placeName(string $place): string
    {
        foreach ($this->board->devices as $id => $device) {
            foreach ($device->face()->landings as $landing) {
                if (PlaceMap::landing($id, $landing->place) === $place) {
                    return $this->landing([
                        'shape' => $landing->shape->value,
                        'finish' => $landing->finish,
                        'print' => $landing->print,
                    ], $landing->place, ['id' => $id]);
                }
            }
        }

        return $place;
    }

    /**
     * @param  array<string, mixed>  $landing
     * @param  array<string, mixed>  $device
     */
    private function landing(array $landing, int $place, array $device): string
    {
        return $this->words->say("bench.landing.{$landing['shape']}", [
            'place' => $place,
            'finish' => $this->words->say("bench.finish.{$landing['finish']}"),
            'print' => $landing['print'] === '' ? '' : $this->words->say('bench.printed', ['print' => $landing['print']]),
            'device' => $device['id'],
        ]);
    }

    /** @return list<array{by: string, ports: int|null, label: string}> */
    private function tray(): array
    {
        return array_map(fn (array $connector) => [
            'by' => $connector[0],
            'ports' => $connector[1],
            'label' => trim($this->words->say("bench.connector.$connector[0]").' '.$connector[1]),
        ], $this->board->practice->tray);
    }

    /** @return list<array{as: string, label: string, colour: string}> */
    private function marks(): array
    {
        $marks = [];
        foreach ($this->board->practice->marks as $as => $colour) {
            $marks[] = ['as' => $as, 'label' => $this->words->say("bench.mark.$as"), 'colour' => $colour];
        }

        return $marks;
    }
}
