<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Point;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\MarkedAs;

/** The as-found sheet of a board: its rows, and what can stand in them. */
final readonly class AsFoundShape
{
    private const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L'];

    private Words $words;

    public function __construct(private Board $board)
    {
        $this->words = new Words($board);
    }

    /**
     * @return list<array{id: string, label: string, rows: list<array<string, string|bool|null>>, places: list<array{id: string,
     *     name: string, takes: int|null}>}> box by box; takes: conductors, null where there is no limit
     */
    public function boxes(AsFound $sheet): array
    {
        $boxes = array_filter($this->board->enclosures, fn (Enclosure $box) => $this->pointsIn($box->id) !== []);

        return array_map(fn (Enclosure $box) => [
            'id' => $box->id,
            'label' => $box->label,
            'rows' => array_map(fn (Point $point) => [
                'point' => $point->id,
                'name' => $this->words->shortPlace($point->id),
                'colour' => $point->core?->colour->value,
                'flag' => $point->core?->colour->flag($this->board->practice),
                'isEnd' => $point->core !== null,
                'isFixed' => $point->isFixed(),
                'lands' => $sheet->lands[$point->id] ?? '',
                'mark' => $sheet->marks[$point->id] ?? '',
            ], $this->pointsIn($box->id)),
            'places' => $this->places($box->id),
        ], array_values($boxes));
    }

    /** @return list<array{id: string, name: string}> what a mark can say */
    public function marks(): array
    {
        return array_map(fn (MarkedAs $as) => [
            'id' => $as->value,
            'name' => $this->words->say("bench.mark.$as->value"),
        ], MarkedAs::cases());
    }

    /** @return list<Point> conductors first, then leads, then what a pigtail or a jumper could go to */
    private function pointsIn(string $box): array
    {
        $points = array_values(array_filter($this->board->points(), fn (Point $point) => $point->enclosure === $box));
        usort(
            $points,
            fn (Point $one, Point $other) => [$one->core === null, $one->isFixed()] <=> [$other->core === null, $other->isFixed()],
        );

        return $points;
    }

    /** @return list<array{id: string, name: string, takes: int|null}> */
    private function places(string $box): array
    {
        $places = [];
        foreach ($this->pointsIn($box) as $point) {
            if ($point->isFixed()) {
                $places[] = [
                    'id' => $point->id,
                    'name' => $this->words->shortPlace($point->id),
                    'takes' => $this->board->roomAt($point->id),
                ];
            }
        }
        $places[] = ['id' => AsFound::CAP, 'name' => $this->words->say('materials-words.capped'), 'takes' => null];
        foreach (self::LETTERS as $letter) {
            $places[] = ['id' => $letter, 'name' => __('as-found.connector', ['letter' => $letter]), 'takes' => null];
        }

        return $places;
    }
}
