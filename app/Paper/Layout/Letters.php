<?php

declare(strict_types=1);

namespace App\Paper\Layout;

use App\Enums\PaperFace;
use Illuminate\Support\Facades\File;

/**
 * How wide words are in the faces of printed drawings: the product's own, and for a text with a letter that it lacks the one that
 * stands in for it.
 *
 * @phpstan-type Widths array<string, int>
 */
final class Letters
{
    /** Thousandths of its size; a letter that both faces lack is taken for a wide one. */
    private const UNKNOWN = 1000;

    /** @var array{plain: Widths, bold: Widths, plainElse: Widths, boldElse: Widths}|null */
    private static ?array $widths = null;

    public static function wide(string $text, float $size, bool $isBold = false): float
    {
        $face = $isBold ? 'bold' : 'plain';
        $widths = self::widths()[self::areOwn($text) ? $face : "{$face}Else"];
        $sum = 0;
        foreach (mb_str_split($text) as $letter) {
            $sum += $widths[$letter] ?? self::UNKNOWN;
        }

        return $sum * $size / 1000;
    }

    public static function faceFor(string $text): PaperFace
    {
        return self::areOwn($text) ? PaperFace::Own : PaperFace::StandIn;
    }

    /** Whether the product's own face has every letter of a text. */
    public static function areOwn(string $text): bool
    {
        $known = self::widths()['plain'];
        foreach (mb_str_split($text) as $letter) {
            if (! isset($known[$letter])) {
                return false;
            }
        }

        return true;
    }

    /** @return array{plain: Widths, bold: Widths, plainElse: Widths, boldElse: Widths} */
    private static function widths(): array
    {
        if (self::$widths === null) {
            /** @var array{plain: Widths, bold: Widths, plainElse: Widths, boldElse: Widths} $read */
            $read = json_decode(File::get(resource_path('fonts/pageLetters.json')), true);
            self::$widths = $read;
        }

        return self::$widths;
    }

    /** @return list<string> a name in two lines that are as equal as its words allow; a single word in one */
    public static function broken(string $text): array
    {
        $words = explode(' ', $text);
        [$best, $least] = [[$text], INF];
        for ($i = 1; $i < count($words); $i++) {
            $lines = [implode(' ', array_slice($words, 0, $i)), implode(' ', array_slice($words, $i))];
            $width = max(self::wide($lines[0], 1), self::wide($lines[1], 1));
            if ($width < $least) {
                [$best, $least] = [$lines, $width];
            }
        }

        return $best;
    }
}
