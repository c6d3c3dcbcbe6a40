<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;

/**
 * What a part, a cable or a colour of one practice is in another.
 *
 * Source: common practice of the trades; the colours stand in the files of the practices.
 */
final readonly class Counterparts
{
    public function __construct(private Practice $from, private Practice $to)
    {
    }

    /** The same model, or one that does the same; null where the other practice has none. */
    public function ofModel(DeviceModel $model): ?DeviceModel
    {
        if ($this->to->hasModel($model->id)) {
            return $model;
        }
        foreach ([$model->fitting, $model->fitting?->instead()] as $fitting) {
            foreach (DeviceCatalogue::of($this->to) as $other) {
                if ($other->kind === $model->kind && $other->function === $model->function && $other->fitting === $fitting) {
                    return $other;
                }
            }
        }

        return null;
    }

    /** @return non-empty-list<CableType> that come in place of one: two where the other practice has none with as many cores */
    public function ofCable(CableType $type): array
    {
        if ($type->isUndecided() || $type->practice?->is($this->to) === true) {
            return [$type];
        }
        $new = $this->newCables($type->isSingle);
        $same = array_filter($new, fn (CableType $other) => self::carriesTheSame($type, $other));
        if ($same !== []) {
            return [array_values($same)[0]];
        }
        $neutrals = self::neutrals($type);
        if ($neutrals > 1) {
            return array_fill(0, $neutrals, $this->smallestWith($new, intdiv($type->insulatedCores(), $neutrals)));
        }
        $largest = $new[count($new) - 1];
        $rest = $type->insulatedCores() - $largest->insulatedCores();

        return $rest > 0 ? [$largest, $this->smallestWith($new, $rest)] : [$this->smallestWith($new, $type->insulatedCores())];
    }

    /** What takes the place of a cable that goes on beyond the board: line, neutral and earth are all that is asked of it. */
    public function ofOnward(CableType $type): CableType
    {
        return $type->isUndecided() ? $type : self::smallestWith($this->newCables(singles: false), 2);
    }

    /** The two-core cable that could run in place of a new one with more cores; null where there is none to replace. */
    public function withTwoCores(CableType $type): ?CableType
    {
        $two = self::smallestWith($this->newCables(singles: false), 2);

        return $type->insulatedCores() === 3 && $type->size === $two->size && $type->oldOf === null ? $two : null;
    }

    /** A neutral stays a neutral and an earth an earth; the line conductors keep their order as far as there are colours. */
    public function ofSingle(Colour $colour): Colour
    {
        $place = array_search($colour, $this->from->lines, true);

        return match (true) {
            $colour->isEarths() => in_array($colour, $this->to->earthSingles, true) ? $colour : $this->to->earthSingles[0],
            $this->from->newColours()->isNeutrals($colour) => Colour::from($this->to->marks['neutral']),
            default => $this->to->lineSingles[$place === false ? 0 : $place] ?? $this->to->lineSingles[0],
        };
    }

    /** @return non-empty-list<CableType> of the size that is usual there, the fewest cores first */
    private function newCables(bool $singles): array
    {
        $new = array_values(array_filter(
            CableType::of($this->to),
            fn (CableType $type) => $type->size === $this->to->newSizes[0] && $type->isSingle === $singles && $type->oldOf === null,
        ));
        usort($new, fn (CableType $one, CableType $other) => $one->insulatedCores() <=> $other->insulatedCores());

        return $new === [] ? throw new \LogicException("No cable to choose from in {$this->to->id}") : $new;
    }

    private static function carriesTheSame(CableType $type, CableType $other): bool
    {
        return $other->insulatedCores() === $type->insulatedCores() && (self::neutrals($type) > 1) === (self::neutrals($other) > 1);
    }

    /** @param  non-empty-list<CableType>  $types  the fewest cores first */
    private static function smallestWith(array $types, int $cores): CableType
    {
        foreach ($types as $type) {
            if ($type->insulatedCores() >= $cores) {
                return $type;
            }
        }

        return $types[count($types) - 1];
    }

    /** How many cores have the neutral's colour: two in a cable for two circuits. */
    private static function neutrals(CableType $type): int
    {
        return count(array_filter($type->cores, fn (Colour $colour) => $type->colours?->isNeutrals($colour) === true));
    }
}
