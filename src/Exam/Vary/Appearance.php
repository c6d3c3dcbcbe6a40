<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Board\Mounting;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\FaceCatalogue;

/** How a laid-out board looks: faces of its switches, labels of its cables, colours where the practice has several. */
final readonly class Appearance
{
    /** As a switch can hang, upright. */
    private const TURNS = [0, 180];

    /** @param  list<VariedAspects>  $varying */
    public function __construct(private array $varying)
    {
    }

    public function faceWays(Board $board): int
    {
        $ways = 1;
        foreach ($this->varies(VariedAspects::Faces) ? $board->devicesOf(DeviceKind::Switch) : [] as $switch) {
            $ways = min(VariantRange::MANY, $ways * count(FaceCatalogue::all($switch->model)) * count(self::TURNS));
        }

        return $ways;
    }

    public function labelWays(Board $board): int
    {
        $ways = 1;
        for ($i = 2; $this->varies(VariedAspects::Labels) && $i <= count($board->cables); $i++) {
            $ways = min(VariantRange::MANY, $ways * $i);
        }

        return $ways;
    }

    public function colourWays(Board $board): int
    {
        return $this->varies(VariedAspects::Colours) ? count($this->colourSets($board)) : 1;
    }

    public function dressed(Board $board, Dice $dice): Board
    {
        $board = $this->varies(VariedAspects::Faces) ? $this->faced($board, $dice->for('faces')) : $board;
        if ($this->varies(VariedAspects::Colours)) {
            $sets = $this->colourSets($board);
            $board = $board->withRuns($sets[$dice->for('colours')->throw(count($sets))]);
        }

        return $this->varies(VariedAspects::Labels) ? $this->labelled($board, $dice->for('labels')) : $board;
    }

    private function varies(VariedAspects $what): bool
    {
        return in_array($what, $this->varying, true);
    }

    private function faced(Board $board, Dice $dice): Board
    {
        $mounting = [];
        foreach ($board->devicesOf(DeviceKind::Switch) as $switch) {
            $faces = array_keys(FaceCatalogue::all($switch->model));
            $mounting[$switch->id] = new Mounting($faces[$dice->throw(count($faces))], self::TURNS[$dice->throw(count(self::TURNS))]);
        }

        return $board->withDevices(array_map(
            fn (Device $device) => isset($mounting[$device->id]) ? $device->mounted($mounting[$device->id]) : $device,
            $board->devices,
        ));
    }

    /** The cables exchange their labels and the order in which they are listed. */
    private function labelled(Board $board, Dice $dice): Board
    {
        $ids = array_keys($board->cables);
        $new = array_combine($ids, $dice->shuffled($ids));
        $cables = [];
        foreach ($dice->shuffled(array_values($board->cables)) as $cable) {
            $id = $new[$cable->id];
            $cables[$id] = new Cable($id, $cable->type, $cable->from, $cable->to, $cable->colour, $cable->lengthM);
        }

        return $board->withAllCables($cables);
    }

    /** @return list<array<string, Cable>> ways to color the runs, each as what changes; the first changes nothing */
    private function colourSets(Board $board): array
    {
        return [...$this->exchangedSingles($board), ...$this->oldColours($board)];
    }

    /** @return list<array<string, Cable>> the colours before 2004, if every cable had them */
    private function oldColours(Board $board): array
    {
        $old = [];
        foreach ($board->cables as $cable) {
            $type = $cable->type->inOldColours();
            if ($type === null) {
                return [];
            }
            $old[$cable->id] = new Cable($cable->id, $type, $cable->from, $cable->to, $cable->colour, $cable->lengthM);
        }

        return $old === [] ? [] : [$old];
    }

    /** @return list<array<string, Cable>> line conductors in conduit that change their colours among each other: any of them is hot */
    private function exchangedSingles(Board $board): array
    {
        $hots = $board->practice->lineSingles;
        $singles = array_filter($board->cables, fn (Cable $cable) => in_array($cable->colour, $hots, true));
        $sets = [];
        foreach ($singles === [] ? [0] : array_keys($hots) as $by) {
            $sets[] = $by === 0 ? [] : array_map(function (Cable $cable) use ($by, $hots): Cable {
                $place = (int) array_search($cable->colour, $hots, true);

                return new Cable(
                    $cable->id,
                    $cable->type,
                    $cable->from,
                    $cable->to,
                    $hots[($place + $by) % count($hots)],
                    $cable->lengthM,
                );
            }, $singles);
        }

        return $sets;
    }
}
