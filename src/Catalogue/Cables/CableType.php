<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\ColourSystem;
use Zwindle\Catalogue\Practices\Practice;

/** A type of cable, or of a single conductor in conduit, with its cores in the order of the sheath. */
final readonly class CableType
{
    /** A run whose cable is still to be chosen: it has no cores yet. */
    public const UNDECIDED = 'any';

    private const NA_CORES = [
        '2' => ['black', 'white', 'bare'],
        '3' => ['black', 'red', 'white', 'bare'],
        '4' => ['black', 'red', 'blue', 'white', 'bare'],
        '2-2' => ['black', 'red', 'white', 'white2', 'bare'],
    ];

    private const GB_CORES = [
        'te' => ['brown', 'blue', 'bare'],
        '3ce' => ['brown', 'black', 'grey', 'bare'],
    ];

    private const OLD_GB_CORES = [
        'te' => ['red', 'black', 'bare'],
        '3ce' => ['red', 'yellow', 'blue', 'bare'],
    ];

    /**
     * @param  string  $size  AWG in North America, mm² in Britain; empty for an undecided run
     * @param  array<string, Colour>  $cores  name of the core → its colour; empty for singles and for an undecided run
     */
    private function __construct(
        public string $id,
        public string $size,
        public ?Practice $practice,
        public bool $isSingle,
        public ?ColourSystem $colours,
        public array $cores,
    ) {
    }

    public static function find(string $id): ?self
    {
        return self::all()[$id] ?? null;
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::build();
    }

    public function isUndecided(): bool
    {
        return $this->id === self::UNDECIDED;
    }

    /** What is printed along the sheath: `14/3`, `1.5 mm² 3C+E`. */
    public function print(): string
    {
        $shape = substr($this->id, (int) strrpos($this->id, "$this->size-") + strlen($this->size) + 1);

        return match (true) {
            $this->isUndecided() => 'any',
            $this->practice === Practice::NorthAmerica => $this->isSingle ? "$this->size AWG" : "$this->size/$shape",
            $this->isSingle => "$this->size mm²",
            default => "$this->size mm² ".($shape === 'te' ? 'T&E' : '3C+E'),
        };
    }

    /** @return array<string, self> */
    private static function build(): array
    {
        $types = [new self(self::UNDECIDED, '', null, false, null, [])];
        foreach (['14', '12'] as $awg) {
            foreach (self::NA_CORES as $shape => $cores) {
                $types[] = new self(
                    "na-$awg-$shape",
                    $awg,
                    Practice::NorthAmerica,
                    false,
                    ColourSystem::NorthAmerican,
                    self::coloured($cores),
                );
            }
            $types[] = new self("na-$awg-single", $awg, Practice::NorthAmerica, true, ColourSystem::NorthAmerican, []);
        }
        foreach (['1.0', '1.5'] as $mm2) {
            foreach (self::GB_CORES as $shape => $cores) {
                $colours = $shape === 'te' ? ColourSystem::BritishTwoCore : ColourSystem::BritishThreeCore;
                $types[] = new self("gb-$mm2-$shape", $mm2, Practice::Britain, false, $colours, self::coloured($cores));
            }
            foreach (self::OLD_GB_CORES as $shape => $cores) {
                $types[] = new self("gb-old-$mm2-$shape", $mm2, Practice::Britain, false, ColourSystem::OldBritish, self::coloured($cores));
            }
            $types[] = new self("gb-$mm2-single", $mm2, Practice::Britain, true, ColourSystem::BritishSingle, []);
        }

        return array_column($types, null, 'id');
    }

    /**
     * @param  list<string>  $names
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
