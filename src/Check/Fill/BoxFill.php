<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

use Brick\Math\BigRational;
use Zwindle\Board\Enclosure;
use Zwindle\Catalogue\Devices\StandardBox;

/** The allowances of one box and what they come to; volumes in cubic inches, exact. */
final readonly class BoxFill
{
    /** Shapes of box that hang in such a place (common practice). */
    private const FAMILIES = [
        'switch-box' => ['device', 'square'],
        'light-box' => ['octagon', 'square'],
    ];

    public BigRational $usedIn3;

    /** With its ring or cover; null where the board gives no volume. */
    public ?BigRational $volumeIn3;

    /** @param  list<Allowance>  $allowances */
    public function __construct(
        public Enclosure $enclosure,
        public array $allowances,
    ) {
        $this->usedIn3 = array_reduce(
            $allowances,
            fn (BigRational $sum, Allowance $allowance) => $sum->plus($allowance->in3()),
            BigRational::zero(),
        );
        $own = match (true) {
            $enclosure->volumeIn3 !== null => BigRational::of((string) $enclosure->volumeIn3),
            $enclosure->box !== null => BigRational::of($enclosure->box->volumeIn3),
            default => null,
        };
        $this->volumeIn3 = $own?->plus($this->addedIn3());
    }

    /** Null where the board gives no volume. */
    public function fits(): ?bool
    {
        return $this->volumeIn3 === null ? null : $this->usedIn3->isLessThanOrEqualTo($this->volumeIn3);
    }

    /** What is missing, zero if it fits; null where the board gives no volume. */
    public function shortIn3(): ?BigRational
    {
        if ($this->volumeIn3 === null) {
            return null;
        }

        return $this->fits() === true ? BigRational::zero() : $this->usedIn3->minus($this->volumeIn3);
    }

    /**
     * The smallest standard box of its kind that would do with the ring or cover it has, a common one before a rare one; null if none is
     * large enough.
     */
    public function smallestBox(): ?StandardBox
    {
        $usual = self::FAMILIES[$this->enclosure->kind->value] ?? [];
        $own = $this->enclosure->box === null ? $usual : [$this->enclosure->box->family()];
        $all = StandardBox::all();
        $common = array_values(array_filter($all, fn (StandardBox $box) => $box->isCommon()));

        return $this->smallestOf($common, $own)
            ?? $this->smallestOf($common, $usual)
            ?? $this->smallestOf($all, $own)
            ?? $this->smallestOf($all, $usual);
    }

    /** Whether a ring or a raised cover can be put on it; of a box of no standard size nobody knows. */
    public function takesRing(): bool
    {
        return $this->enclosure->box?->takesRing() ?? false;
    }

    /**
     * @param  list<StandardBox>  $boxes  the smallest first
     * @param  list<string>  $families  all if empty
     */
    private function smallestOf(array $boxes, array $families): ?StandardBox
    {
        foreach ($boxes as $box) {
            $volume = BigRational::of($box->volumeIn3)->plus($this->addedIn3());
            if (($families === [] || in_array($box->family(), $families, true)) && $volume->isGreaterThanOrEqualTo($this->usedIn3)) {
                return $box;
            }
        }

        return null;
    }

    private function addedIn3(): BigRational
    {
        return BigRational::of((string) $this->enclosure->addedIn3);
    }
}
