<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Result;

/** What another edition says of a wiring that its own does not say, and the other way round. */
final readonly class EditionChanges
{
    public function __construct(private Result $own, private Result $shown)
    {
    }

    /**
     * @return array{verdictThen: string, appear: list<string>, vanish: list<string>} the verdict of the board's own edition,
     *     and sentences
     */
    public function sentences(): array
    {
        return [
            'verdictThen' => $this->own->verdict->value,
            'appear' => self::onlyIn($this->shown, $this->own),
            'vanish' => self::onlyIn($this->own, $this->shown),
        ];
    }

    /** @return list<string> */
    private static function onlyIn(Result $one, Result $other): array
    {
        $keys = array_map(self::key(...), $other->findings);
        $new = array_filter($one->findings, fn (Finding $finding) => ! in_array(self::key($finding), $keys, true));
        $sentences = new FindingSentence($one);

        return array_values(array_map($sentences->of(...), $new));
    }

    private static function key(Finding $finding): string
    {
        return $finding->code->value.' '.implode(' ', $finding->at).' '.json_encode($finding->params);
    }
}
