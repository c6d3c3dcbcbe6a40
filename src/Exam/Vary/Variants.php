<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Devices\DeviceKind;

/**
 * A different but equal board for every seat, from one seed: the same seed gives the same ones for ever.
 *
 * No two seats are equal. Neighbours, beside and behind each other, have another layout wherever there are three to choose from,
 * and other faces besides; on a wall, where neither can be moved, at least other labels.
 */
final readonly class Variants
{
    /** Throws for one seat, of which the one that differs most from its neighbours is kept. */
    private const MOST_THROWS = 80;

    private Appearance $looks;

    public VariantRange $spread;

    /** @param  list<VariedAspects>  $varying */
    public function __construct(Board $board, array $varying, Surface $surface = Surface::Screen)
    {
        $this->looks = new Appearance($varying);
        $all = Layouts::of($board, $varying, $surface);
        $equal = EqualWork::among($all);
        $one = $equal === [] ? $board : $equal[0]->board;
        $this->spread = new VariantRange(
            $equal,
            count($all),
            $this->looks->faceWays($one),
            $this->looks->labelWays($one),
            $this->looks->colourWays($one),
        );
    }

    /**
     * @param  int  $seats  numbered from 1
     * @param  int  $rowLength  seats side by side; the seat behind is a neighbour too
     * @return list<Variant> in the order of the seats
     *
     * @throws TooFewVariants if there are more seats than variants
     */
    public function forSeats(string $seed, int $seats, int $rowLength = 10): array
    {
        if ($seats > $this->spread->all()) {
            throw TooFewVariants::of($this->spread->all(), $seats);
        }
        $variants = [];
        $taken = [];
        for ($seat = 1; $seat <= $seats; $seat++) {
            $neighbours = array_filter([$variants[$seat - 1] ?? null, $variants[$seat - $rowLength] ?? null]);
            $variant = $this->forSeat(new Dice("$seed/$seat"), $seat, $neighbours, $taken);
            $taken[$variant->key] = true;
            $variants[$seat] = $variant;
        }

        return array_values($variants);
    }

    /**
     * @param  array<Variant>  $neighbours
     * @param  array<string, true>  $taken  keys
     *
     * @throws TooFewVariants if every throw came to one that is taken
     */
    private function forSeat(Dice $dice, int $seat, array $neighbours, array $taken): Variant
    {
        $best = null;
        $liking = 0;
        $most = count($this->spread->layouts) > 2 ? 3 : 2;
        for ($throw = 0; $throw < self::MOST_THROWS; $throw++) {
            $variant = $this->thrown($dice->for((string) $throw), $seat);
            if (isset($taken[$variant->key])) {
                continue;
            }
            $tellsApart = array_filter($neighbours, fn (Variant $other) => $other->telling === $variant->telling) === [];
            $hasOtherLayout = array_filter($neighbours, fn (Variant $other) => $other->layout === $variant->layout) === [];
            $likes = 1 + ($tellsApart ? 1 : 0) + ($hasOtherLayout ? 1 : 0);
            [$best, $liking] = $likes > $liking ? [$variant, $likes] : [$best, $liking];
            if ($liking >= $most) {
                break;
            }
        }

        return $best ?? throw TooFewVariants::of(count($taken), $seat);
    }

    private function thrown(Dice $dice, int $seat): Variant
    {
        $layout = $this->spread->layouts[$dice->for('layout')->throw(count($this->spread->layouts))];
        $board = $this->looks->dressed($layout->board, $dice);
        $faces = array_map(
            fn (Device $switch) => "$switch->id {$switch->mounting->face} {$switch->mounting->turned}",
            $board->devicesOf(DeviceKind::Switch),
        );
        $telling = $layout->name().' | '.implode(', ', $faces);
        $cables = array_map(
            fn ($cable) => "$cable->id {$cable->type->id} $cable->from $cable->to {$cable->colour?->value}",
            $board->cables,
        );

        return new Variant($seat, $layout, $board, $telling, $telling.' | '.implode(', ', $cables));
    }
}
