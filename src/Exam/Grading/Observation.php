<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** Something that only the eye can mark: a tug, a clockwise loop, no bare copper. */
final readonly class Observation
{
    public function __construct(
        public string $id,
        public string $text,
        public int $points,
    ) {
    }
}
