<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Bench\Look;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Device;
use Zwindle\Board\End;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Exam\Task\Question;
use Zwindle\Exam\Task\QuestionKind;
use Zwindle\Plan\Plan;

/**
 * Questions as eyes get them: screws by place and finish, cables by blank tags, parts by slots; never what a terminal is inside.
 *
 * An option is its place in the list: the server alone knows what stands behind it.
 */
final readonly class QuestionsShape
{
    private const TAGS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

    private Words $words;

    private PlaceMap $places;

    public function __construct(private Plan $plan)
    {
        $this->words = Words::of($plan->wiring);
        $this->places = new PlaceMap($plan->wiring->board);
    }

    /**
     * @return array{text: string, options: list<string>, marks: list<list<string>>, isOrdered: bool, about: string|null,
     *     box: array<string, mixed>|null, standing: list<array<string, mixed>>} marks: where each option is on the drawing of the box
     */
    public function of(Question $question): array
    {
        $isCable = $question->kind === QuestionKind::FeedCable || $question->kind === QuestionKind::LightCable;
        $shown = $isCable ? $this->masked($question->at) : null;

        return [
            'text' => $this->text($question),
            'options' => array_map(
                fn (string $option, int $i) => $this->option($question, $option, $i),
                $question->options,
                array_keys($question->options),
            ),
            'marks' => match (true) {
                $question->kind === QuestionKind::Common => array_map(
                    fn (string $option) => [$this->places->placeOf($option)],
                    $question->options,
                ),
                $shown !== null => self::endsByTag($shown['box'], count($question->options)),
                default => [],
            },
            'isOrdered' => $question->kind === QuestionKind::Path,
            'about' => $question->kind === QuestionKind::Part ? $this->words->enclosureOf($question->at) : null,
            'box' => $question->kind === QuestionKind::Common
                ? $this->bare($this->words->enclosureOf($question->at))
                : ($shown['box'] ?? null),
            'standing' => $shown['standing'] ?? [],
        ];
    }

    private function text(Question $question): string
    {
        $isBox = isset($this->plan->wiring->board->enclosures[$question->at]);

        $given = $question->given === null ? '' : $this->words->say("task.given.$question->given").' ';

        return Str::ucfirst($given.$this->words->say("task.question.{$question->kind->value}", [
            'device' => $isBox ? '' : $this->words->device($question->at),
            'box' => $this->words->box($this->words->enclosureOf($question->at)),
            'positions' => $this->words->list(array_map(
                fn (string $switch, string $position) => $this->words->say("task.position.$position", ['switch' => $this->switch($switch)]),
                array_keys($question->positions),
                $question->positions,
            )),
        ]));
    }

    /** A switch by the box that it is in, as it is named on the drawing; by its own name too where it is not alone there. */
    private function switch(string $id): string
    {
        $board = $this->plan->wiring->board;
        $box = $board->devices[$id]->enclosure;
        $beside = array_filter($board->devicesIn($box), fn (Device $device) => $device->is(DeviceKind::Switch));

        return count($beside) === 1 ? $this->words->box($box) : "$id ({$this->words->box($box)})";
    }

    private function option(Question $question, string $option, int $i): string
    {
        $number = (string) ($i + 1);

        return match ($question->kind) {
            QuestionKind::Common => (new BenchShape($this->plan->wiring->board))->placeName($this->places->placeOf($option)),
            QuestionKind::FeedCable, QuestionKind::LightCable => $this->words->say('task.cable', ['tag' => self::TAGS[$i] ?? $number]),
            QuestionKind::Lamp => $this->words->say("task.lamp.$option"),
            QuestionKind::Path => $this->passed($option),
            QuestionKind::Part => $this->words->say('task.slot', ['number' => $number]),
        };
    }

    private function passed(string $option): string
    {
        $board = $this->plan->wiring->board;

        return isset($board->devices[$option])
            ? $this->words->device($option)
            : $this->words->shortPlace($board->coreNamed($option)->ends()[0]);
    }

    /**
     * @param  array<string, mixed>  $box  under blank tags
     * @return list<list<string>> the ends of each cable, in the order of the tags
     */
    private static function endsByTag(array $box, int $count): array
    {
        $marks = array_fill(0, $count, []);
        foreach ($box['enclosures'][0]['ends'] as $end) {
            $place = strpos(self::TAGS, (string) $end['cable']);
            if ($place !== false && isset($marks[$place])) {
                $marks[$place][] = (string) $end['id'];
            }
        }

        return array_map(array_values(...), $marks);
    }

    /**
     * One box without its joints.
     *
     * @return array<string, mixed>
     */
    private function bare(string $box): array
    {
        $look = $this->lookAt($box);

        return (new BenchShape($this->plan->wiring->board))->name([
            'enclosures' => array_map(fn (array $one) => [...$one, 'ends' => []], $look['enclosures']),
            'cables' => [],
        ]);
    }

    /**
     * One box as it is wired, its cables under blank tags that say nothing of where they go.
     *
     * @return array{box: array<string, mixed>, standing: list<array<string, mixed>>}
     */
    private function masked(string $box): array
    {
        $board = $this->plan->wiring->board;
        $named = (new BenchShape($board))->name($this->lookAt($box));
        $tags = [];
        foreach ($board->cablesIn($box) as $i => $cable) {
            $tags[$cable->id] = self::TAGS[$i] ?? "T$i";
        }
        $retag = function (string $point) use ($tags): string {
            $end = End::parse($point);

            return End::isOne($point) && isset($tags[$end->cable])
                ? End::id(End::coreId($tags[$end->cable], $end->core), $end->enclosure)
                : $point;
        };
        $label = fn (string $tag) => $this->words->say('task.cable', ['tag' => $tag]);
        foreach ($named['enclosures'] as &$enclosure) {
            foreach ($enclosure['ends'] as &$end) {
                $tag = $tags[$end['cable']];
                $end = [
                    ...$end,
                    'id' => $retag($end['id']),
                    'cable' => $tag,
                    'far' => "tag-$tag",
                    'name' => "{$end['flag']}, {$label($tag)}",
                ];
            }
        }
        foreach (array_values($tags) as $i => $tag) {
            // As if each came from a side of its own, in the order of the tags.
            $named['enclosures'][] = [
                'id' => "tag-$tag",
                'label' => '',
                'kind' => 'junction-box',
                'metal' => false,
                'at' => [400 * $i, 0],
                'earth' => null,
                'ends' => [],
                'devices' => [],
            ];
        }
        $named['cables'] = array_map(fn (array $cable) => [
            ...$cable,
            'id' => $tags[$cable['id']],
            'from' => $box,
            'to' => "tag-{$tags[$cable['id']]}",
        ], $named['cables']);
        $steps = array_filter(WiringAsSteps::of($this->plan->wiring), fn (array $step) => $this->isIn($box, $step['points'][0]));
        $standing = array_map(fn (array $step) => [
            ...$step,
            'points' => array_map($retag, $step['points']),
            ...(isset($step['on']) ? ['on' => $retag($step['on'])] : []),
        ], array_values($steps));

        return ['box' => $named, 'standing' => $standing];
    }

    /** @return array{enclosures: list<array<string, mixed>>, cables: list<array<string, mixed>>} */
    private function lookAt(string $box): array
    {
        $look = Look::of($this->plan->wiring->board);

        return [
            'enclosures' => array_values(array_filter($look['enclosures'], fn (array $one) => $one['id'] === $box)),
            'cables' => array_values(array_filter($look['cables'], fn (array $cable) => $cable['from'] === $box || $cable['to'] === $box)),
        ];
    }

    private function isIn(string $box, string $place): bool
    {
        return $this->places->find($place)?->enclosure === $box;
    }
}
