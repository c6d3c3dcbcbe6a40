<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Sitting\KeepLateAct;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Queries\Bench\AskQuestions;
use App\Services\ExamGate;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Zwindle\Exam\Task\Question;

/** Keeps an answer of a trainee. Made before the end and sent after it, it waits for the instructor. */
final readonly class KeepAnswers
{
    public function __construct(private AskQuestions $ask)
    {
    }

    /**
     * @param  int  $number  of the question, from 1
     * @param  list<int>  $places  of the chosen options, from 0
     * @param  CarbonInterface|null  $madeAt  by the clock of the device
     * @return bool whether it counts; made before the end and come after it, it waits for the instructor
     *
     * Refuses if it was made too late, or no such question or option is there.
     */
    public function execute(Attempt $attempt, int $number, array $places, ?CarbonInterface $madeAt = null): bool
    {
        return DB::transaction(function () use ($attempt, $number, $places, $madeAt): bool {
            $attempt->claim();
            $chosen = $this->answer($attempt, $number, $places);
            $refusal = ExamGate::refusal($attempt);
            $key = "$number-".implode('.', $places).'-'.$madeAt?->getTimestampMs();
            if (KeepLateAct::execute($attempt, $refusal, LateAct::ANSWER, $key, ['question' => $number, 'answer' => $places], $madeAt)) {
                return false;
            }
            ExamGate::refuse($refusal, 'question');
            self::keep($attempt, [...($attempt->answers ?? []), ...$chosen]);

            return true;
        });
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
