<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/**
 * The body of custom and code that a board is built and judged by: one file each, in the shape of
 * `schemas/practice.schema.json`, where the sources stand too. What is kept of it is its name: plans are kept for weeks, and its
 * file may change meanwhile.
 *
 * @phpstan-import-type CableJson from PracticeFile
 * @phpstan-import-type WallPartJson from PracticeFile
 * @phpstan-import-type ProvingJson from PracticeFile
 */
final readonly class Practice
{
    /**
     * @param  string  $id  as files write it: `na`
     * @param  int  $place  among those that are offered
     * @param  string  $name  North America
     * @param  string  $short  NA
     * @param  string  $words  folder of its words in `lang/`
     * @param  int  $nominalV  supply voltage, line to neutral
     * @param  string  $paper  `letter` or `a4`
     * @param  list<int>  $scales  denominators of usual drawing scales, the largest drawing first
     * @param  non-empty-array<string, ColourSystem>  $colours  by id, today's first
     * @param  list<CableJson>  $cables  in the order in which they are offered
     * @param  non-empty-list<string>  $newSizes  of cable that is bought new, the thinnest first
     * @param  non-empty-list<Colour>  $lines  that a line conductor can have unmarked or sleeved, the usual one first
     * @param  non-empty-list<Colour>  $lineSingles  that are drawn into a conduit as line conductors
     * @param  non-empty-list<Colour>  $earthSingles
     * @param  list<Colour>  $singles  that can be chosen, in the order of use
     * @param  list<Colour>  $spareSingles  that are drawn into a conduit besides, the first first
     * @param  list<string>  $models  ids of its devices
     * @param  array<string, WallPartJson>  $wallParts  what hangs on a wall in one step
     * @param  list<array{string, int|null}>  $tray  connectors on the bench, with their ports
     * @param  array{line: string, neutral: string, earth: string}  $marks  what tape or sleeve says → its colour
     * @param  array<string, string>  $flags  colour → its letters on a flag
     * @param  array{breakerA: int, rcdMa?: int}  $supply  of a lighting circuit
     * @param  ProvingJson  $proving  what it is tested with, what a good reading is, and what a test sheet asks
     * @param  array{freeM: float, sheathM: float, wastePercent: float, roundUpToM: float}  $allowances  added to a run before it is cut
     * @param  array{fromBoxM: float, fromPlasticSingleM: float, everyM: float}  $supports  of a cable
     * @param  array{widthMm: float, heightMm: float}  $wall  a usual sheet
     * @param  int|null  $conductorsToABoxScrew  null where there is no limit
     * @param  bool  $sleevesAnyCore  whether a core of any colour may be marked as anything; else white and grey alone, and no singles
     * @param  bool  $isCommonLinkUsual  whether tying the commons is the usual way; else it is disputed
     * @param  bool  $hasLetterSymbols  whether switches are letters on a lighting plan; else the symbols of IEC 60617
     * @param  array<string, list<string>>  $disputes  what practitioners disagree on → the positions that can be taken
     * @param  list<string>  $knowsNot  finding codes that are of other practices
     * @param  non-empty-list<array{by: string, most: int|null}>  $connectors  the one for few conductors first
     */
    public function __construct(
        public string $id,
        public int $place,
        public string $name,
        public string $short,
        public string $words,
        public int $nominalV,
        public bool $isImperial,
        public string $paper,
        public array $scales,
        public bool $reckonsBoxFill,
        public array $colours,
        public array $cables,
        public array $newSizes,
        public array $lines,
        public array $lineSingles,
        public array $earthSingles,
        public array $singles,
        public array $spareSingles,
        public array $models,
        public array $wallParts,
        public array $tray,
        public array $marks,
        public array $flags,
        public array $supply,
        public array $proving,
        public array $allowances,
        public array $supports,
        public array $wall,
        public float $gridMm,
        public ?int $conductorsToABoxScrew,
        public bool $sleevesAnyCore,
        public bool $sleevesBareEarths,
        public bool $isCommonLinkUsual,
        public bool $hasLetterSymbols,
        public array $disputes,
        private array $knowsNot,
        private array $connectors,
    ) {
    }

    public function is(self $other): bool
    {
        return $this->id === $other->id;
    }

    /** @return array{id: string} */
    public function __serialize(): array
    {
        return ['id' => $this->id];
    }

    /** @param  array{id: string}  $data */
    public function __unserialize(array $data): void
    {
        foreach (get_object_vars(self::from($data['id'])) as $name => $value) {
            $this->$name = $value;
        }
    }

    /** @throws \LogicException where there is no such practice: whatever comes from outside is asked of `find` */
    public static function from(string $id): self
    {
        return self::find($id) ?? throw new \LogicException("No practice $id");
    }

    public static function find(string $id): ?self
    {
        return self::all()[$id] ?? null;
    }

    /** @return array<string, self> by id */
    public static function all(): array
    {
        return PracticeFile::all();
    }

    /** @return array<string, self> by id */
    public function others(): array
    {
        return array_filter(self::all(), fn (self $other) => ! $other->is($this));
    }

    /** Whether a finding is of this practice at all. */
    public function knows(string $finding): bool
    {
        return ! in_array($finding, $this->knowsNot, true);
    }

    public function hasModel(string $model): bool
    {
        return in_array($model, $this->models, true);
    }

    /** Today's colours of its cores. */
    public function newColours(): ColourSystem
    {
        return $this->colours[array_key_first($this->colours)];
    }

    /** What so many conductors are joined with, where nobody says otherwise. */
    public function connectorFor(int $conductors): string
    {
        foreach ($this->connectors as ['by' => $by, 'most' => $most]) {
            if ($most === null || $conductors <= $most) {
                return $by;
            }
        }

        return $this->connectors[count($this->connectors) - 1]['by'];
    }
}
