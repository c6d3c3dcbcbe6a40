<?php

declare(strict_types=1);

// Writes how wide the letters of printed drawings are, in the product's own face and in the one that stands in for what it lacks:
// `composer letters`.

use FontLib\Font;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
const FACES = [
    'plain' => 'resources/fonts/paper/barlow-condensed-600.ttf',
    'bold' => 'resources/fonts/paper/barlow-condensed-700.ttf',
    'plainElse' => 'vendor/dompdf/dompdf/lib/fonts/DejaVuSans.ttf',
    'boldElse' => 'vendor/dompdf/dompdf/lib/fonts/DejaVuSans-Bold.ttf',
];
$widths = [];
foreach (FACES as $name => $file) {
    $font = Font::load("$root/$file");
    $font->parse();
    $perEm = $font->getData('head', 'unitsPerEm');
    $advances = $font->getData('hmtx');
    foreach ($font->getUnicodeCharMap() as $code => $glyph) {
        if ($code >= 0x20 && $code < 0x250 || $code >= 0x2010 && $code < 0x2300) {
            $widths[$name][mb_chr($code)] = (int) round($advances[$glyph][0] * 1000 / $perEm);
        }
    }
}
file_put_contents("$root/resources/fonts/pageLetters.json", json_encode($widths, JSON_UNESCAPED_UNICODE)."\n");
