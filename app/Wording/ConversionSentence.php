<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Plan\Convert\Conversion;
use Zwindle\Plan\Convert\Note;
use Zwindle\Plan\Convert\NoteKind;

/** What is different where a board is carried over to another practice, in the words of both. */
final readonly class ConversionSentence
{
    private Words $before;

    private Words $after;

    public function __construct(private Board $board, private Conversion $conversion)
    {
        $this->before = new Words($board);
        $this->after = new Words($conversion->board);
    }

    /** @return list<string> */
    public function all(): array
    {
        $words = array_map(fn (array $pair) => __('convert.word', $pair), $this->pairs());

        return [...array_map($this->of(...), $this->conversion->notes), __('convert.words', ['pairs' => implode(', ', $words)])];
    }

    public function of(Note $note): string
    {
        $rules = [NoteKind::ReturnRule, NoteKind::NeutralRule, NoteKind::EarthRule, NoteKind::PositionRule];
        $key = 'convert.'.$note->kind->value.(in_array($note->kind, $rules, true) ? '.'.$this->conversion->board->practice->words : '');
        $supply = $this->conversion->board->supply();

        return __($key, [
            'at' => implode(', ', $note->at),
            'before' => $this->named($note, $note->before, $this->before),
            'after' => $this->named($note, $note->after, $this->after),
            'role' => $note->role === '' ? '' : $this->after->role($note->role),
            'breaker' => (string) $supply->breakerA,
            'rcd' => $supply->rcdMa === null ? '' : __('convert.rcd', ['ma' => (string) $supply->rcdMa]),
            'where' => $note->at === []
                ? __('convert.return-rule-nowhere')
                : __('convert.return-rule-at', ['cables' => implode(', ', $note->at)]),
        ]);
    }

    /** @return list<array{before: string, after: string}> the words of the parts and roles that are other words */
    public function pairs(): array
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

    private function named(Note $note, string $code, Words $words): string
    {
        return match ($note->kind) {
            NoteKind::Device, NoteKind::DeviceGone => $this->part($code, $words),
            NoteKind::Cable,
            NoteKind::CableSplit,
            NoteKind::CableChanged,
            NoteKind::CableFewer,
            NoteKind::CableBeside => implode(
                ' and ',
                array_map(fn (string $id) => CableType::find($id)->print ?? '', explode(' ', $code)),
            ),
            NoteKind::Colour,
            NoteKind::SinglesBeside => $words->list(array_map(
                fn (string $colour) => $words->say("parts.colour.$colour"),
                explode(' ', $code),
            )),
            NoteKind::SchemeDropped => $code === '' ? '' : $words->say("parts.scheme.$code"),
            default => $code,
        };
    }

    private function part(string $model, Words $words): string
    {
        foreach ([$this->board, $this->conversion->board] as $board) {
            foreach ($board->devices as $device) {
                if ($device->model->id === $model) {
                    return $device->model->function === null
                        ? $words->say("parts.model.$model")
                        : $words->switchKind($device->model->function->value);
                }
            }
        }

        return $model;
    }
}
