<?php

declare(strict_types=1);

namespace Zwindle\Drill;

/**
 * What a drill earned, out of 100.
 *
 * Measured: a right answer that the readings prove earns all, less 10 for each reading beyond the best way, not below 50; a right one
 * that was guessed, 25; a wrong one nothing. Asked: the share that is right. (The product's own rule; no source.)
 */
final readonly class DrillGrade
{
    private const PER_READING = 10;

    private const LEAST_WHEN_PROVED = 50;

    private const GUESSED = 25;

    /**
     * @param  int|null  $best  readings of the best way; null for questions
     */
    private function __construct(
        public int $points,
        public bool $isRight,
        public bool $isProved,
        public int $used,
        public ?int $best,
    ) {
    }

    /** @param  list<string>  $measured */
    public static function ofLab(Lab $lab, array $measured, string $answer): self
    {
        $best = count((new BestWay($lab))->path());
        $isRight = $answer === $lab->rightAnswer();
        $isProved = $lab->isFound($measured);
        $used = count($measured);
        $points = match (true) {
            ! $isRight => 0,
            ! $isProved => self::GUESSED,
            default => max(self::LEAST_WHEN_PROVED, 100 - self::PER_READING * max(0, $used - $best)),
        };

        return new self($points, $isRight, $isProved, $used, $best);
    }

    /**
     * @param  list<DrillQuestion>  $questions
     * @param  array<int, string>  $answers  question → what was answered
     */
    public static function ofQuestions(array $questions, array $answers): self
    {
        $isAnswered = fn (DrillQuestion $one, int $i): bool => ($answers[$i] ?? null) === $one->right;
        $right = count(array_filter($questions, $isAnswered, ARRAY_FILTER_USE_BOTH));
        $isRight = $right === count($questions);

        return new self((int) round(100 * $right / max(1, count($questions))), $isRight, $isRight, $right, null);
    }
}
