<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** What a trainee answered: a question's id → one option, or all of them in order. */
final readonly class Answers
{
    /** @param  array<string, list<string>>  $given */
    public function __construct(private array $given)
    {
    }

    /**
     * @param  list<Question>  $questions
     * @return array<string, bool> question → whether it was answered right; a part of the bin goes into one place only
     */
    public function judgedBy(array $questions): array
    {
        $used = [];
        $right = [];
        foreach ($questions as $question) {
            $answer = $this->given[$question->id] ?? [];
            $isTaken = $question->kind === QuestionKind::Part && isset($used[$answer[0] ?? '']);
            $right[$question->id] = ! $isTaken && $question->isRight($answer);
            $used[$answer[0] ?? ''] = true;
        }

        return $right;
    }
}
