<?php

declare(strict_types=1);

// Writes how wide the letters of printed drawings are: `composer letters`.

use FontLib\Font;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
$widths = [];
foreach (['plain' => 'DejaVuSans', 'bold' => 'DejaVuSans-Bold'] as $name => $file) {
    $font = Font::load("$root/vendor/dompdf/dompdf/lib/fonts/$file.ttf");
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
