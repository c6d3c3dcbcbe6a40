<?php

declare(strict_types=1);

// Makes the faces of the printed pages from those of the screen, as the page maker reads them: `composer page-fonts`.

use FontLib\Font;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
$to = "$root/resources/fonts/paper";
const FACES = [
    ['atkinson-hyperlegible', 'atkinson hyperlegible', '400', 'normal'],
    ['atkinson-hyperlegible', 'atkinson hyperlegible', '700', 'bold'],
    ['barlow-condensed', 'barlow condensed', '600', 'normal'],
    ['barlow-condensed', 'barlow condensed', '700', 'bold'],
];

/** A WOFF as the TrueType it holds: W3C "WOFF File Format 1.0", 2012, sections 3 to 5. */
function unpacked(string $woff): string
{
    /** @var array{sign: string, flavour: int, length: int, count: int} $head */
    $head = unpack('a4sign/Nflavour/Nlength/ncount', $woff);
    if ($head['sign'] !== 'wOFF') {
        throw new RuntimeException('This is not a WOFF.');
    }
    $log = (int) floor(log($head['count'], 2));
    $range = 2 ** $log * 16;
    $file = pack('Nnnnn', $head['flavour'], $head['count'], $range, $log, $head['count'] * 16 - $range);
    $tables = '';
    for ($i = 0; $i < $head['count']; $i++) {
        /** @var array{tag: string, offset: int, packed: int, length: int, sum: int} $entry */
        $entry = unpack('a4tag/Noffset/Npacked/Nlength/Nsum', $woff, 44 + $i * 20);
        $data = substr($woff, $entry['offset'], $entry['packed']);
        $data = $entry['packed'] < $entry['length'] ? (string) gzuncompress($data) : $data;
        $file .= pack('a4NNN', $entry['tag'], $entry['sum'], 12 + $head['count'] * 16 + strlen($tables), $entry['length']);
        $tables .= str_pad($data, (int) ceil($entry['length'] / 4) * 4, "\0");
    }

    return $file.$tables;
}

$installed = [];
foreach (FACES as [$package, $family, $weight, $style]) {
    $name = "$package-$weight";
    $woff = "$root/node_modules/@fontsource/$package/files/$package-latin-$weight-normal.woff";
    file_put_contents("$to/$name.ttf", unpacked((string) file_get_contents($woff)));
    copy("$root/node_modules/@fontsource/$package/LICENSE", "$to/$package-LICENSE.txt");
    $font = Font::load("$to/$name.ttf");
    $font->parse();
    $font->saveAdobeFontMetrics("$to/$name.ufm");
    $font->close();
    $installed[$family][$style] = $name;
}
file_put_contents("$to/installed-fonts.json", json_encode($installed, JSON_PRETTY_PRINT)."\n");
