<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

use Zwindle\Catalogue\Practices\CatalogueFolders;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\ColourSystem;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Catalogue\Practices\PracticeFile;

/**
 * A type of cable, or of a single conductor in conduit, with its cores in the order of the sheath; from the file of its practice.
 *
 * @phpstan-import-type CableJson from PracticeFile
 */
final readonly class CableType
{
    /** A run whose cable is still to be chosen: it has no cores yet. */
    public const UNDECIDED = 'any';

    /**
     * @param  string  $size  AWG, or mm²; empty for an undecided run
     * @param  string  $print  along the sheath: `14/3`, `1.5 mm² 3C+E`
     * @param  string  $earthSize  of its bare or green core, where that is thinner than the others
     * @param  array<string, Colour>  $cores  name of the core → its colour; empty for singles and for an undecided run
     * @param  string|null  $oldOf  id of the same cable in today's colours; null of one that is in them
     */
    private function __construct(
        public string $id,
        public string $size,
        public string $print,
        public ?Practice $practice,
        public bool $isSingle,
        public ?ColourSystem $colours,
        public array $cores,
        public string $earthSize,
        public ?string $oldOf,
    ) {
    }

    public static function find(string $id): ?self
    {
        return self::all()[$id] ?? null;
    }

    /** @return list<self> in the order in which they are offered */
    public static function of(Practice $practice): array
    {
        return array_values(array_filter(self::all(), fn (self $type) => $type->practice?->is($practice) === true));
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, array<string, self>> $all */
        static $all = [];

        return $all[CatalogueFolders::key()] ??= self::build();
    }

    public static function undecided(): self
    {
        return self::all()[self::UNDECIDED];
    }

    public function isUndecided(): bool
    {
        return $this->id === self::UNDECIDED;
    }

    /** The same cable in the colours before today's; null where there is none. */
    public function inOldColours(): ?self
    {
        foreach (self::all() as $type) {
            if ($type->oldOf === $this->id) {
                return $type;
            }
        }

        return null;
    }

    /** How many of its cores are insulated. */
    public function insulatedCores(): int
    {
        return count(array_filter($this->cores, fn (Colour $colour) => ! $colour->isEarths()));
    }

    /** @return array<string, self> */
    private static function build(): array
    {
        $types = [new self(self::UNDECIDED, '', 'any', null, false, null, [], '', null)];
        foreach (Practice::all() as $practice) {
            foreach ($practice->cables as $json) {
                $types[] = self::one($practice, $json);
            }
        }

        return array_column($types, null, 'id');
    }

    /** @param  CableJson  $json */
    private static function one(Practice $practice, array $json): self
    {
        return new self(
            $json['id'],
            $json['size'],
            $json['print'],
            $practice,
            ! isset($json['cores']),
            $practice->colours[$json['colours']],
            self::coloured($json['cores'] ?? []),
            $json['earthSize'] ?? $json['size'],
            $json['oldOf'] ?? null,
        );
    }

    /**
     * @param  list<string>  $names  a second core of a colour has a 2 behind it
     * @return array<string, Colour>
     */
    private static function coloured(array $names): array
    {
        $cores = [];
        foreach ($names as $name) {
            $cores[$name] = Colour::from(rtrim($name, '2'));
        }

        return $cores;
    }
}
