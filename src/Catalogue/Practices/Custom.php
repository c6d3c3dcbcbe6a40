<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/**
 * What is usual in a practice, read from its file in `files/`, in the shape of `schemas/practice.schema.json`; the sources stand there.
 *
 * @phpstan-type CustomJson array{id: string, nominalV: int, units: string, paper: string, reckons: string,
 *     connectors: non-empty-list<array{by: string, most: int|null}>, tray: list<array{string, int|null}>,
 *     marks: array{line: string, neutral: string, earth: string}, flags: array<string, string>,
 *     supply: array{breakerA: int, rcdMa?: int},
 *     allowances: array{freeM: float, sheathM: float, wastePercent: float, roundUpToM: float},
 *     conductorsToABoxScrew: int|null, sleevesAnyCore: bool, sleevesBareEarths: bool, spareSingles: list<string>,
 *     disputes: array<string, list<string>>, knowsNot: list<string>, source: string}
 */
final readonly class Custom
{
    /**
     * @param  array<string, string>  $flags  colour → its letters on a flag
     * @param  list<array{string, int|null}>  $tray  connectors on the bench, with their ports
     * @param  array{line: string, neutral: string, earth: string}  $marks  what tape or sleeve says → its colour
     * @param  array{breakerA: int, rcdMa?: int}  $supply  of a lighting circuit
     * @param  array{freeM: float, sheathM: float, wastePercent: float, roundUpToM: float}  $allowances  added to a run before it is cut
     * @param  int|null  $conductorsToABoxScrew  null where there is no limit
     * @param  bool  $sleevesAnyCore  whether a core of any colour may be marked as anything; else white and grey alone, and no singles
     * @param  list<Colour>  $spareSingles  that are drawn into a conduit besides, the first first
     * @param  array<string, list<string>>  $disputes  what practitioners disagree on → the positions that can be taken
     * @param  list<string>  $knowsNot  finding codes that are of other practices
     * @param  non-empty-list<array{by: string, most: int|null}>  $connectors  the one for few conductors first
     */
    private function __construct(
        public int $nominalV,
        public bool $isImperial,
        public string $paper,
        public bool $reckonsBoxFill,
        public array $flags,
        public array $tray,
        public array $marks,
        public array $supply,
        public array $allowances,
        public ?int $conductorsToABoxScrew,
        public bool $sleevesAnyCore,
        public bool $sleevesBareEarths,
        public array $spareSingles,
        public array $disputes,
        public array $knowsNot,
        private array $connectors,
    ) {
    }

    public static function of(string $practice): self
    {
        /** @var array<string, self> $read */
        static $read = [];

        return $read[$practice] ??= self::read(__DIR__."/files/$practice.json");
    }

    private static function read(string $path): self
    {
        /** @var CustomJson $json */
        $json = json_decode((string) file_get_contents($path), true, 8, JSON_THROW_ON_ERROR);

        return new self(
            $json['nominalV'],
            $json['units'] === 'imperial',
            $json['paper'],
            $json['reckons'] === 'box-fill',
            $json['flags'],
            $json['tray'],
            $json['marks'],
            $json['supply'],
            $json['allowances'],
            $json['conductorsToABoxScrew'],
            $json['sleevesAnyCore'],
            $json['sleevesBareEarths'],
            array_map(Colour::from(...), $json['spareSingles']),
            $json['disputes'],
            $json['knowsNot'],
            $json['connectors'],
        );
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
