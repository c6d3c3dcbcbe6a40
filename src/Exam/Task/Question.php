<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** One question with its right answers; what eyes get of it is the application's to choose. */
final readonly class Question
{
    /**
     * @param  string  $at  device, lamp or enclosure that it is about
     * @param  list<string>  $options  terminals, cables, cores and devices, letters of a lamp, slots of the bin
     * @param  list<string>  $right  any of these is right; for a path all of them in this order
     * @param  array<string, string>  $positions  of the switches, where they matter
     * @param  string|null  $given  what the lamp does with every switch up: no eye tells which contact of a three-way that is
     */
    public function __construct(
        public string $id,
        public QuestionKind $kind,
        public string $at,
        public array $options,
        public array $right,
        public array $positions = [],
        public ?string $given = null,
    ) {
    }

    /** Whether its answer leaves one way to answer another: of two cables in a box, one from the supply leaves one for the light. */
    public function tells(self $other): bool
    {
        return $this->at === $other->at && count($this->options) === 2 && $this->options === $other->options;
    }

    /** @param  list<string>  $answer  one option, or all of them in order */
    public function isRight(array $answer): bool
    {
        return $this->kind === QuestionKind::Path
            ? $answer === $this->right
            : count($answer) === 1 && in_array($answer[0], $this->right, true);
    }
}
