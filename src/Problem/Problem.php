<?php

declare(strict_types=1);

namespace Zwindle\Problem;

/** One fault in a file, with the place where it stands. */
final readonly class Problem
{
    /**
     * @param  string  $pointer  JSON pointer (RFC 6901); the empty string is the whole file
     * @param  array<string, string|int>  $params
     */
    public function __construct(
        public string $pointer,
        public ProblemCode $code,
        public array $params = [],
    ) {
    }
}
