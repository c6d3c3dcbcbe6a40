<?php

declare(strict_types=1);

namespace App\Shapes\Sitting;

use App\Models\Attempt;
use App\Models\LateAct;
use App\Queries\Bench\AskQuestions;
use App\Shapes\Bench\QuestionsShape;
use App\Wording\Words;

/** What came to an attempt after its end and was made before it: in words, when by both clocks, and what was decided. */
final readonly class LateActsShape
{
    private function __construct(private Attempt $attempt)
    {
    }

    /** @return list<array<string, mixed>> */
    public static function of(Attempt $attempt): array
    {
        $shape = new self($attempt);
        $late = LateAct::query();
        $late->where('attempt_id', $attempt->id)->orderBy('id');

        return array_values($late->get()->map(fn (LateAct $act) => [
            'id' => $act->id,
            'kind' => $act->kind,
            'words' => $shape->words($act),
            'madeAt' => $act->made_at->toIso8601ZuluString('millisecond'),
            'receivedAt' => $act->received_at->toIso8601ZuluString('millisecond'),
            'accepted' => $act->accepted,
        ])->all());
    }

    private function words(LateAct $act): string
    {
        return match ($act->kind) {
            LateAct::ANSWER => $this->answer($act),
            LateAct::PHOTOGRAPH => __('sitting.late.photograph', ['box' => (new Words($this->attempt->board()))->box($act->body['box'])]),
            default => __('sitting.late.act', ['kind' => str_replace('-', ' ', (string) $act->body['kind'])]),
        };
    }

    private function answer(LateAct $act): string
    {
        $ask = new AskQuestions;
        $plan = $ask->plan($this->attempt);
        $number = (int) $act->body['question'];
        $question = $ask->of($this->attempt)[$number - 1] ?? null;
        $options = $question === null || $plan === null ? [] : (new QuestionsShape($plan))->of($question)['options'];
        $chosen = array_map(fn (mixed $place) => self::text($options[(int) $place] ?? null), $act->body['answer']);

        return __('sitting.late.answer', ['number' => $number, 'answer' => implode(', ', array_filter($chosen))]);
    }

    private static function text(mixed $option): string
    {
        return is_array($option) ? (string) ($option['text'] ?? '') : (string) $option;
    }
}
