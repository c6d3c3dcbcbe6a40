<?php

declare(strict_types=1);

namespace Zwindle\Task;

/** One question with its right answers; what eyes get of it is the application's to choose. */
final readonly class Question
{
    /**
     * @param  string  $at  device, lamp or enclosure that it is about
     * @param  list<string>  $options  terminals, cables, cores and devices, letters of a lamp, slots of the bin
     * @param  list<string>  $right  any of these is right; for a path all of them in this order
     * @param  array<string, string>  $positions  of the switches, where they matter
     */
    public function __construct(
        public string $id,
        public QuestionKind $kind,
        public string $at,
        public array $options,
        public array $right,
        public array $positions = [],
    ) {
    }

    /** @param  list<string>  $answer  one option, or all of them in order */
    public function isRight(array $answer): bool
    {
        return $this->kind === QuestionKind::Path ? $answer === $this->right : count($answer) === 1 && in_array($answer[0], $this->right, true);
    }
}
