<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;

/** What was chosen at a question of an attempt, by the names that are kept and marked. */
final readonly class ChosenAnswer
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /**
     * @param  int  $number  of the question, from 1
     * @param  list<int>  $places  of the chosen options, from 0
     * @return array<string, list<string>> question → options
     *
     * @throws WorkRefused if no such question or option is there
     */
    public function of(Attempt $attempt, int $number, array $places): array
    {
        $question = $this->ask->of($attempt)[$number - 1]
            ?? throw WorkRefused::because(['question' => __('messages.no-question')]);

        return [$question->id => array_map(
            fn (int $place) => $question->options[$place]
                ?? throw WorkRefused::because(['question' => __('messages.no-option')]),
            array_values(array_unique($places)),
        )];
    }
}
