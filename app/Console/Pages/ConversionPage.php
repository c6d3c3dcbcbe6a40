<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\Conversion;
use Zwindle\Plan\Convert\Note;
use Zwindle\Plan\Convert\NoteKind;

/** What is different where a board is carried over to the other practice, in the words of both. */
final readonly class ConversionPage
{
    private Words $before;

    private Words $after;

    public function __construct(private Board $board, private Conversion $conversion)
    {
        $this->before = new Words($board);
        $this->after = new Words($conversion->board);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'board' => BoardArray::of($this->conversion->board),
            'scheme' => ['before' => $this->conversion->before?->result->scheme()?->value, 'after' => $this->conversion->after?->result->scheme()?->value],
            'notes' => array_map(fn (Note $note) => ['code' => $note->kind->value, 'at' => $note->at, 'text' => $this->sentence($note)], $this->conversion->notes),
            'words' => $this->pairs(),
        ];
    }

    public function print(OutputStyle $output): void
    {
        $title = __('convert.title', ['title' => $this->board->title, 'practice' => __('convert.practice.'.$this->conversion->board->practice->value)]);
        $output->writeln('<options=bold>'.OutputFormatter::escape($title).'</>');
        $output->newLine();
        foreach ($this->sentences() as $sentence) {
            $output->writeln(OutputFormatter::escape("- $sentence"));
        }
    }

    /** @return list<string> */
    public function sentences(): array
    {
        $words = array_map(fn (array $pair) => __('convert.word', $pair), $this->pairs());

        return [...array_map($this->sentence(...), $this->conversion->notes), __('convert.words', ['pairs' => implode(', ', $words)])];
    }

    private function sentence(Note $note): string
    {
        $rules = [NoteKind::ReturnRule, NoteKind::NeutralRule, NoteKind::EarthRule, NoteKind::PositionRule];
        $key = 'convert.'.$note->kind->value.(in_array($note->kind, $rules, true) ? '.'.$this->conversion->board->practice->value : '');
        $supply = $this->conversion->board->supply();

        return __($key, [
            'at' => implode(', ', $note->at),
            'before' => $this->named($note, $note->before, $this->before),
            'after' => $this->named($note, $note->after, $this->after),
            'role' => $note->role === '' ? '' : $this->after->role($note->role),
            'breaker' => (string) $supply->breakerA,
            'rcd' => $supply->rcdMa === null ? '' : __('convert.rcd', ['ma' => (string) $supply->rcdMa]),
            'where' => $note->at === [] ? __('convert.return-rule-nowhere') : __('convert.return-rule-at', ['cables' => implode(', ', $note->at)]),
        ]);
    }

    private function named(Note $note, string $code, Words $words): string
    {
        return match ($note->kind) {
            NoteKind::Device, NoteKind::DeviceGone => $this->part($code, $words),
            NoteKind::Cable, NoteKind::CableSplit, NoteKind::CableChanged, NoteKind::CableFewer, NoteKind::CableBeside => implode(' and ', array_map(fn (string $id) => CableType::find($id)?->print() ?? '', explode(' ', $code))),
            NoteKind::Colour, NoteKind::SinglesBeside => $words->list(array_map(fn (string $colour) => $words->say("parts.colour.$colour"), explode(' ', $code))),
            NoteKind::SchemeDropped => $code === '' ? '' : $words->say("parts.scheme.$code"),
            default => $code,
        };
    }

    private function part(string $model, Words $words): string
    {
        foreach ([$this->board, $this->conversion->board] as $board) {
            foreach ($board->devices as $device) {
                if ($device->model->id === $model) {
                    return $device->model->function === null ? $words->say("parts.model.$model") : $words->switchKind($device->model->function->value);
                }
            }
        }

        return $model;
    }

    /** @return list<array{before: string, after: string}> the words of the parts and roles that are other words */
    private function pairs(): array
    {
        $keys = ['parts.role.line', 'parts.role.switched-line', 'parts.role.earth'];
        $functions = array_filter(array_map(fn ($switch) => $switch->model->function?->value, $this->board->devicesOf(DeviceKind::Switch)));
        if (array_intersect($functions, ['three-way', 'four-way']) !== []) {
            $keys[] = 'parts.role.traveller';
        }
        $pairs = [];
        foreach ([...$keys, ...array_map(fn (string $function) => "parts.function.$function", array_unique($functions))] as $key) {
            [$before, $after] = [$this->before->say($key), $this->after->say($key)];
            if ($before !== $after) {
                $pairs[] = ['before' => $before, 'after' => $after];
            }
        }

        return $pairs;
    }
}
