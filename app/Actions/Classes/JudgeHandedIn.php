<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use App\Models\KeptStep;
use App\Queries\Bench\AskQuestions;
use App\Queries\Classes\JudgeAttempt;
use App\Queries\Classes\MarkingInForce;
use App\Queries\Proving\Proving;
use App\Shapes\Bench\VerdictShape;
use App\Shapes\Classes\DebriefShape;
use App\Shapes\Classes\GradeShape;
use App\Shapes\Hunt\HuntShape;
use App\Wording\Headline;
use LogicException;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\Grade;
use Zwindle\Exam\Grading\Grader;
use Zwindle\Exam\Grading\MistakeDistance;
use Zwindle\Exam\Grading\OrderOfWork;
use Zwindle\Exam\Grading\WhatIf;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Hunt\Measuring;
use Zwindle\Plan\StepOrder;
use Zwindle\Repair\Advice;
use Zwindle\Repair\NearestPlan;

/** Everything that is said about an attempt when it is handed in: verdict, mark and debrief. Worked out, not kept. */
final readonly class JudgeHandedIn
{
    private const NO_DEBRIEF = ['mistakes' => [], 'order' => null, 'questions' => []];

    public function __construct(private JudgeAttempt $judge, private AskQuestions $ask)
    {
    }

    /**
     * @return array{verdict: string, headline: string, page: array<string, mixed>|null, mark: array<string, mixed>|null,
     *     debrief: array<string, mixed>}
     */
    public function execute(Attempt $attempt): array
    {
        $task = $attempt->task();

        return match (true) {
            $task === null || $task->kind->isWired() => $this->wired($attempt),
            $task->kind === TaskKind::Fault => $this->found($attempt),
            default => $this->answered($attempt),
        };
    }

    /**
     * @return array{verdict: string, headline: string, page: array<string, mixed>|null, mark: array<string, mixed>|null,
     *     debrief: array<string, mixed>}
     */
    private function wired(Attempt $attempt): array
    {
        $result = $this->judge->execute($attempt);
        $advice = Advice::of($result);
        $grade = $this->grade($attempt, $result);

        return [
            'verdict' => $result->verdict->value,
            'headline' => (new Headline($result, $advice))->sentence(),
            'page' => (new VerdictShape($result, $advice, NearestPlan::of($result)))->json(),
            'mark' => $grade === null ? null : (new GradeShape($grade, $result->evidence->board, $result))->json(),
            'debrief' => $this->debrief($attempt, $advice),
        ];
    }

    /** @return array{verdict: string, headline: string, page: null, mark: array<string, mixed>|null, debrief: array<string, mixed>} */
    private function answered(Attempt $attempt): array
    {
        $answers = $this->ask->judged($attempt);
        [$right, $asked] = [count(array_filter($answers)), count($answers)];
        $scheme = MarkingInForce::of($attempt);
        $grade = $scheme === null ? null : (new Grader($scheme, minutes: self::minutes($attempt)))->ofAnswers($right, $asked);

        return [
            'verdict' => ($right === $asked ? Verdict::Pass : Verdict::Fail)->value,
            'headline' => __('task.answered', ['right' => $right, 'asked' => $asked]),
            'page' => null,
            'mark' => $grade === null ? null : (new GradeShape($grade, $attempt->board()))->json(),
            'debrief' => self::NO_DEBRIEF,
        ];
    }

    /** @return array{verdict: string, headline: string, page: null, mark: array<string, mixed>|null, debrief: array<string, mixed>} */
    private function found(Attempt $attempt): array
    {
        $proving = Proving::of($attempt);
        $hunt = $proving->hunt ?? throw new LogicException("Attempt $attempt->id has no fault to be found.");
        $isolation = $hunt->isolation($proving->roles(), $proving->state()->supply->own);
        $log = $proving->log();
        $path = Measuring::weigh($hunt->placed, $proving->asFound(), $log);
        $scheme = MarkingInForce::of($attempt);
        $grade = $scheme === null ? null : (new Grader($scheme, minutes: self::minutes($attempt)))->ofFinding(
            $hunt->diagnosis(),
            $hunt->safety($isolation),
            Measuring::share($hunt->placed, $log, $path),
            $hunt->proof(),
            $hunt->wereHandsInUnproved($isolation),
        );
        $all = count($hunt->placed->faults);

        return [
            'verdict' => ($hunt->isDone() ? Verdict::Pass : Verdict::Fail)->value,
            'headline' => implode(' ', [
                trans_choice('task.found', $all, ['found' => count($hunt->found()), 'all' => $all]),
                __($hunt->board->isMended() ? 'task.board-right' : 'task.board-wrong'),
            ]),
            'page' => null,
            'mark' => $grade === null ? null : (new GradeShape($grade, $attempt->board()))->json(),
            'debrief' => [...self::NO_DEBRIEF, 'hunt' => (new HuntShape($proving, $hunt))->json(
                $path,
                $isolation,
                Measuring::best($hunt->placed),
                $hunt->board->isMended() ? null : Advice::of(Checker::check($hunt->board->look)),
            )],
        ];
    }

    /** What the eye says comes to it when it is shown. */
    private function grade(Attempt $attempt, Result $result): ?Grade
    {
        $task = $attempt->task();
        $scheme = MarkingInForce::of($attempt);
        if ($task === null || $scheme === null) {
            return null;
        }
        $order = $task->order === null || $attempt->is_on_board ? null : OrderOfWork::share($result, self::steps($attempt), $task->order);
        $distance = $scheme->perMistake === null ? null : MistakeDistance::of($result);

        return (new Grader(
            $scheme,
            $distance,
            [],
            $order,
            self::minutes($attempt),
            $attempt->startingBench()->wiring()->placed(),
        ))->ofWiring($result);
    }

    /** @return array{mistakes: list<string>, order: array<string, mixed>, questions: list<array<string, string>>} */
    private function debrief(Attempt $attempt, Advice $advice): array
    {
        $task = $attempt->task();
        $words = new DebriefShape($advice);
        $asked = WhatIf::onOwnOrRight($advice->result->evidence->wiring, "{$task?->seed}/debrief/$attempt->id");

        return [
            'mistakes' => $words->mistakes(),
            'order' => $words->order(self::steps($attempt), $task->order ?? StepOrder::BoxByBox),
            'questions' => $words->questions($asked),
        ];
    }

    private static function minutes(Attempt $attempt): ?float
    {
        return $attempt->started_at === null || $attempt->handed_in_at === null
            ? null
            : ($attempt->started_at->diffInSeconds($attempt->handed_in_at) - $attempt->paused_seconds) / 60;
    }

    /** @return list<\Zwindle\Bench\Step> */
    private static function steps(Attempt $attempt): array
    {
        return array_values($attempt->countedSteps()->map(fn (KeptStep $step) => $step->parsed())->all());
    }
}
