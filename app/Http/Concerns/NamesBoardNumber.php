<?php

declare(strict_types=1);

namespace App\Http\Concerns;

/** Which of several boards that hang of one drawing is meant; the first where nobody says. */
trait NamesBoardNumber
{
    public const MOST_BOARDS = 40;

    public function number(): int
    {
        return $this->has('number') ? $this->integer('number') : 1;
    }

    /** @return array<string, list<mixed>> */
    private function numberRules(): array
    {
        return ['number' => ['sometimes', 'integer', 'min:1', 'max:'.self::MOST_BOARDS]];
    }
}
