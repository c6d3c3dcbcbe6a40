<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Zwindle\Exam\Task\Question;

/** Keeps what a trainee answered; the places of options become what stands behind them. */
final readonly class KeepAnswers
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /**
     * @param  int  $number  of the question, from 1
     * @param  list<int>  $places  of the chosen options, from 0
     *
     * Refuses if it is handed in, late, or no such question or option is there.
     */
    public function execute(Attempt $attempt, int $number, array $places): void
    {
        DB::transaction(function () use ($attempt, $number, $places): void {
            $attempt->claim();
            $question = $this->ask->of($attempt)[$number - 1]
                ?? throw ValidationException::withMessages(['question' => __('messages.no-question')]);
            $refusal = ExamLock::begin($attempt);
            match (true) {
                $refusal !== null => throw ValidationException::withMessages(['question' => __("messages.$refusal")]),
                $attempt->withdrawn_at !== null => throw ValidationException::withMessages(['question' => __('messages.withdrawn')]),
                $attempt->paused_at !== null => throw ValidationException::withMessages(['question' => __('messages.paused')]),
                $attempt->handed_in_at !== null => throw ValidationException::withMessages(['question' => __('messages.after-hand-in')]),
                $attempt->dueAt()?->isPast() ?? false => throw ValidationException::withMessages(['question' => __('messages.too-late')]),
                default => self::keep($attempt, [...($attempt->answers ?? []), $question->id => self::chosen($question, $places)]),
            };
        });
    }

    /** @param  array<string, list<string>>  $answers */
    private static function keep(Attempt $attempt, array $answers): bool
    {
        return $attempt->update(['answers' => $answers, 'placed' => count($answers)]);
    }

    /**
     * @param  list<int>  $places
     * @return list<string>
     */
    private static function chosen(Question $question, array $places): array
    {
        return array_map(
            fn (int $place) => $question->options[$place]
                ?? throw ValidationException::withMessages(['question' => __('messages.no-option')]),
            array_values(array_unique($places)),
        );
    }
}
