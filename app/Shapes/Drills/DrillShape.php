<?php

declare(strict_types=1);

namespace App\Shapes\Drills;

use App\Models\Drill;
use App\Queries\Drills\DrillContent;
use App\Shapes\Boards\SketchShape;
use App\Wording\Region;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Drill\BestWay;
use Zwindle\Drill\DrillKind;
use Zwindle\Drill\DrillQuestion;
use Zwindle\Drill\Lab;
use Zwindle\Format\Write\BoardArray;

/** A drill as its person sees it; what is hidden only once it is over. */
final readonly class DrillShape
{
    private string $locale;

    public function __construct(private Drill $drill, private DrillContent $content)
    {
        $this->locale = Region::of($drill->practiceOf());
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $kind = $this->drill->kindOf();

        return [
            ...$this->line(),
            'task' => $this->say("task.$kind->value"),
            'caution' => in_array($kind, [DrillKind::Feed, DrillKind::Drop], true) ? $this->say("caution.$kind->value") : '',
            'startedAt' => $this->drill->started_at->toIso8601ZuluString('millisecond'),
            'serverTime' => now()->toIso8601ZuluString('millisecond'),
            ...$kind->isMeasured() ? $this->measured($this->content->lab($this->drill)) : $this->asked(),
        ];
    }

    /** @return array<string, mixed> as it stands in a list */
    public function line(): array
    {
        return [
            'id' => $this->drill->id,
            'kind' => $this->drill->kind,
            'practice' => $this->drill->practice,
            'name' => $this->say('name.'.$this->drill->kind),
            'points' => $this->drill->points,
            'seconds' => $this->drill->seconds(),
            'used' => $this->drill->used,
            'best' => $this->drill->best,
        ];
    }

    /** @return array<string, mixed> */
    private function measured(Lab $lab): array
    {
        $isOver = $this->drill->ended_at !== null;
        $answers = array_values(array_unique($lab->answers));
        sort($answers);

        return [
            'terminals' => $lab->scene['terminals'] ?? 0,
            'face' => $lab->scene['face'] ?? 0,
            'cables' => $lab->scene['cables'] ?? [],
            'readings' => array_map(fn (string $measurement) => [
                'id' => $measurement,
                'name' => $this->measurement($measurement),
                'shown' => $this->result($lab, (string) $lab->measure($measurement)),
            ], $this->drill->measured),
            'answers' => array_map(fn (string $answer) => ['id' => $answer, 'name' => $this->answer($answer)], $answers),
            'questions' => [],
            'sketch' => null,
            'verdict' => $isOver ? $this->verdict($lab) : '',
            'way' => $isOver ? __('drill.way', [
                'used' => count($this->drill->measured),
                'best' => $this->drill->best,
                'path' => implode('; ', array_map($this->measurement(...), (new BestWay($lab))->path())),
            ], $this->locale) : '',
        ];
    }

    private function verdict(Lab $lab): string
    {
        $answer = $this->drill->answers[0] ?? '';

        return match (true) {
            $answer !== $lab->rightAnswer() => $this->say('wrong', ['right' => $this->answer($lab->rightAnswer())]),
            $lab->isFound($this->drill->measured) => $this->say('right'),
            default => $this->say('guessed'),
        };
    }

    /** @return array<string, mixed> */
    private function asked(): array
    {
        $questions = $this->content->questions($this->drill);
        $isOver = $this->drill->ended_at !== null;
        $board = $this->drill->kindOf() === DrillKind::Lamp ? $this->content->board($this->drill) : null;

        return [
            'terminals' => 0,
            'face' => 0,
            'cables' => [],
            'readings' => [],
            'answers' => [],
            'questions' => array_map(fn (DrillQuestion $question, int $i) => [
                'text' => $this->question($question),
                'colours' => $question->shown['colours'] ?? [],
                'print' => $question->shown['print'] ?? '',
                'options' => array_map(fn (string $option) => ['id' => $option, 'name' => $this->option($option)], $question->options),
                'given' => $this->drill->answers[$i] ?? null,
                'right' => $isOver ? $question->right : null,
            ], $questions, array_keys($questions)),
            'sketch' => $board === null ? null : SketchShape::of(json_encode(BoardArray::of($board), JSON_THROW_ON_ERROR)),
            'verdict' => $isOver ? $this->say('score', ['right' => (string) $this->drill->used, 'count' => (string) count($questions)]) : '',
            'way' => '',
        ];
    }

    private function question(DrillQuestion $question): string
    {
        $positions = fn (array $at): string => implode(', ', array_map(
            fn (string $switch, string $position) => "$switch $position",
            array_keys($at),
            $at,
        ));

        return $this->say("about.$question->about", [
            'print' => (string) ($question->shown['print'] ?? ''),
            'colour' => isset($question->shown['colour']) ? $this->colour($question->shown['colour']) : '',
            'known' => isset($question->shown['known']) ? $positions($question->shown['known']) : '',
            'asked' => isset($question->shown['asked']) ? $positions($question->shown['asked']) : '',
            'on' => ($question->shown['knownOn'] ?? false) ? 'on' : 'off',
        ]);
    }

    private function option(string $option): string
    {
        return match (true) {
            in_array($option, ['on', 'off', 'yes', 'no'], true) => $this->say("answer.$option"),
            is_numeric($option) => $option,
            default => $this->colour($option),
        };
    }

    private function colour(string $colour): string
    {
        return __("parts.colour.$colour", [], $this->locale);
    }

    /** `three-way:2`, `four-way:13|24`, `two-pole`, `bad`, or the number of a cable. */
    private function answer(string $answer): string
    {
        [$what, $where] = [...explode(':', $answer), ''];

        return match ($what) {
            'bad' => $this->say('answer.bad'),
            'three-way' => $this->say('device.three-way', ['at' => $where]),
            'four-way' => $this->say('device.four-way', ['pairs' => implode(', ', array_map(
                fn (string $pair) => implode('–', str_split($pair)),
                explode('|', $where),
            ))]),
            'two-pole' => $this->say('device.two-pole'),
            default => $this->say('answer.cable', ['cable' => $what]),
        };
    }

    /** `1-3 up`, `pen 2`, `volt 2`, `read 2 linked`. */
    private function measurement(string $measurement): string
    {
        [$with, $at, $how] = [...explode(' ', $measurement), '', ''];
        [$one, $other] = [...explode('-', $with), ''];

        return $other === ''
            ? $this->say('measurement.'.($with === 'read' ? $how : $with), ['cable' => $at])
            : $this->say('measurement.device', ['one' => $one, 'other' => $other, 'position' => $at]);
    }

    private function result(Lab $lab, string $result): string
    {
        $marks = array_filter(
            Instruments::facts()['two-pole']['stepsV'],
            fn (int $step) => $step <= $this->drill->practiceOf()->nominalV,
        );

        return $this->say("result.$result", ['volts' => (string) max([0, ...$marks]), 'ohm' => (string) ($lab->scene['lampOhm'] ?? '')]);
    }

    /** @param  array<string, string>  $params */
    private function say(string $key, array $params = []): string
    {
        return __("drill.$key", $params, $this->locale);
    }
}
