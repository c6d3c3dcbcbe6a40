<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Queries\Bench\AskQuestions;
use Zwindle\Exam\Task\Question;

/** Counts an answer whatever the clock says; called inside the transaction that has claimed the attempt. */
final readonly class CountAnswer
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /**
     * The answer counts, whatever the clock says; called inside the transaction that has claimed the attempt.
     *
     * @param  list<int>  $places
     */
    public function execute(Attempt $attempt, int $number, array $places): void
    {
        self::keep($attempt, [...($attempt->answers ?? []), ...$this->answer($attempt, $number, $places)]);
    }

    /**
     * @param  list<int>  $places
     * @return array<string, list<string>>
     */
    private function answer(Attempt $attempt, int $number, array $places): array
    {
        $question = $this->ask->of($attempt)[$number - 1]
            ?? throw WorkRefused::because(['question' => __('messages.no-question')]);

        return [$question->id => self::chosen($question, $places)];
    }

    /** @param  array<string, list<string>>  $answers */
    private static function keep(Attempt $attempt, array $answers): void
    {
        $attempt->update(['answers' => $answers, 'placed' => count($answers)]);
    }

    /**
     * @param  list<int>  $places
     * @return list<string>
     */
    private static function chosen(Question $question, array $places): array
    {
        return array_map(
            fn (int $place) => $question->options[$place]
                ?? throw WorkRefused::because(['question' => __('messages.no-option')]),
            array_values(array_unique($places)),
        );
    }
}
