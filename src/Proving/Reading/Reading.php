<?php

declare(strict_types=1);

namespace Zwindle\Proving\Reading;

use Zwindle\Catalogue\Devices\InstrumentKind;

/** What an instrument showed once. */
final readonly class Reading
{
    /**
     * @param  float|null  $value  in the instrument's unit; of `Over` the top of its range, of `Marks` the last mark that is lit, in volts
     * @param  list<bool>  $lamps  of a plug-in tester: hot to neutral, hot to ground, neutral to ground
     */
    public function __construct(
        public InstrumentKind $with,
        public Shown $shown,
        public ?float $value = null,
        public array $lamps = [],
    ) {
    }

    /** @return array{with: string, shown: string, value: float|null, lamps: list<bool>} */
    public function toKeep(): array
    {
        return ['with' => $this->with->value, 'shown' => $this->shown->value, 'value' => $this->value, 'lamps' => $this->lamps];
    }

    /** @param  array{with: string, shown: string, value: float|null, lamps: list<bool>}  $kept */
    public static function kept(array $kept): self
    {
        return new self(
            InstrumentKind::from($kept['with']),
            Shown::from($kept['shown']),
            $kept['value'] === null ? null : (float) $kept['value'],
            $kept['lamps'],
        );
    }
}
