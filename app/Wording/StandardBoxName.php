<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\Devices\StandardBox;

/** A standard box as it is asked for over the counter: `4 in square box, 2⅛ in deep`. */
final class StandardBoxName
{
    private const FRACTIONS = ['125' => '⅛', '25' => '¼', '5' => '½', '6875' => '¹¹⁄₁₆', '75' => '¾', '875' => '⅞'];

    public static function of(StandardBox $box): string
    {
        $size = array_map(self::inches(...), array_slice(explode('x', substr($box->id, strlen($box->family()) + 1)), 0, -1));

        return __("materials.standard-box.{$box->family()}", [
            'size' => implode(' × ', $size),
            'depth' => self::inches((string) $box->depthIn()),
        ]);
    }

    private static function inches(string $figure): string
    {
        [$whole, $decimals] = [...explode('.', $figure), ''];

        return $whole.($decimals === '' ? '' : self::FRACTIONS[$decimals]);
    }
}
