<?php

declare(strict_types=1);

namespace App\Paper\Evenings;

use App\Models\Evening;
use App\Paper\Page\Pdf;

/**
 * An evening on paper. Nothing on it gives away which variant somebody else has, except the sheet of a station, which is the instructor's.
 *
 * @phpstan-import-type SittingArray from Evening
 */
final readonly class EveningPaper
{
    /** @var array<string, string> */
    private array $names;

    /** @var array<string, string> */
    private array $labels;

    public function __construct(private Evening $evening)
    {
        $names = $evening->classroom->trainees()->pluck('name', 'users.id')->all();
        $this->names = array_combine(array_map(strval(...), array_keys($names)), array_map(strval(...), $names));
        $this->labels = array_column($evening->draft['stations'], 'label', 'id');
    }

    public function pdf(string $page, ?string $size): string
    {
        $practice = $this->evening->task->boardFile->drawing()->practice;

        return Pdf::of('paper.evening', [
            'title' => $this->evening->title,
            'page' => $page,
            'list' => array_map(fn (array $sitting) => [
                $this->clock($sitting['from']), $this->name($sitting), $this->labels[$sitting['station']] ?? '',
            ], $this->evening->plan),
            'slips' => $this->slips(),
            'stations' => array_map(fn (string $id) => [
                'label' => $this->labels[$id],
                'rows' => array_values(array_map(
                    fn (array $sitting) => [
                        $this->clock($sitting['from']).' – '.$this->clock($sitting['to']), $this->name($sitting),
                        (string) $sitting['variant'], '', '',
                    ],
                    array_filter($this->evening->plan, fn (array $sitting) => $sitting['station'] === $id),
                )),
            ], array_keys($this->labels)),
        ], $practice, $this->evening->title, $size);
    }

    /** @return list<array{name: string, lines: list<string>}> by name */
    private function slips(): array
    {
        $slips = [];
        foreach ($this->evening->plan as $sitting) {
            $slips[$this->names[$sitting['person']] ?? $sitting['person']][] = __('evening.slip', [
                'from' => $this->clock($sitting['from']),
                'minutes' => $sitting['to'] - $sitting['from'],
                'station' => $this->labels[$sitting['station']] ?? '',
            ]).($sitting['retest'] ? ' ('.__('evening.retest').')' : '');
        }
        ksort($slips);

        return array_map(fn (string $name, array $lines) => ['name' => $name, 'lines' => $lines], array_keys($slips), $slips);
    }

    /** @param  SittingArray  $sitting */
    private function name(array $sitting): string
    {
        return ($this->names[$sitting['person']] ?? $sitting['person']).($sitting['retest'] ? ' ('.__('evening.retest').')' : '');
    }

    /** Minutes from the start: paper knows no time zone but the room's, and the start is written on the list by hand. */
    private function clock(int $minute): string
    {
        return sprintf('%d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
