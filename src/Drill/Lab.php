<?php

declare(strict_types=1);

namespace Zwindle\Drill;

/** Something hidden, what it could be, and what each measurement would show of each of these. */
final readonly class Lab
{
    /**
     * @param  array<string, string>  $answers  what it could be → the answer that would then be right; several may share one
     * @param  array<string, array<string, string>>  $shows  measurement → what it could be → what is seen
     * @param  string  $truth  what it is
     * @param  array<string, mixed>  $scene  what is in sight before anything is measured
     */
    public function __construct(
        public array $answers,
        public array $shows,
        public string $truth,
        public array $scene,
    ) {
    }

    public function rightAnswer(): string
    {
        return $this->answers[$this->truth];
    }

    /** What a measurement shows; null where there is none of that name. */
    public function measure(string $measurement): ?string
    {
        return $this->shows[$measurement][$this->truth] ?? null;
    }

    /**
     * What it could still be after some measurements.
     *
     * @param  list<string>  $measured
     * @return list<string>
     */
    public function left(array $measured): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->answers)), function (string $one) use ($measured): bool {
            foreach ($measured as $measurement) {
                if (($this->shows[$measurement][$one] ?? null) !== $this->measure($measurement)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * Whether what was measured leaves one answer.
     *
     * @param  list<string>  $measured
     */
    public function isFound(array $measured): bool
    {
        return count(array_unique(array_map(fn (string $one) => $this->answers[$one], $this->left($measured)))) === 1;
    }
}
