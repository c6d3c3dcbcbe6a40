<?php

declare(strict_types=1);

namespace App\Wording;

use Brick\Math\BigRational;
use Zwindle\Board\Board;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\BoxFill;

/** The fill of one box in words. */
final readonly class FillSentence
{
    private Words $words;

    public function __construct(Board $board)
    {
        $this->words = new Words($board);
    }

    public function of(BoxFill $box): string
    {
        return $this->words->say('fill.box-'.match ($box->fits()) {
            null => 'unknown', true => 'fits', false => 'full',
        }, [
            'box' => $box->enclosure->label,
            'used' => self::in3($box->usedIn3),
            'has' => $box->volumeIn3 === null ? '' : self::in3($box->volumeIn3),
        ]);
    }

    public function what(Allowance $allowance): string
    {
        return $this->words->say('fill.kind.'.$allowance->kind->value, ['awg' => (string) $allowance->awg]);
    }

    /** What would make it fit: the smallest ring or cover, or the smallest box; empty where it fits or no volume is known. */
    public function remedy(BoxFill $box): string
    {
        if ($box->fits() !== false) {
            return '';
        }
        $smallest = $box->smallestBox();
        $params = [
            'short' => self::in3($box->shortIn3() ?? BigRational::zero()),
            'box' => $smallest === null ? '' : StandardBoxName::of($smallest),
        ];

        return $this->words->say('fill.remedy'.match (true) {
            $smallest === null => $box->takesRing() ? '-ring' : '-none',
            default => $box->takesRing() ? '' : '-box',
        }, $params);
    }

    /** Cubic inches, to two decimals, rounded up so that what is short is never hidden. */
    public static function in3(BigRational $volume): string
    {
        return number_format(ceil($volume->multipliedBy(100)->toFloat() - 1e-9) / 100, 2);
    }
}
