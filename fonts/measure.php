<?php

declare(strict_types=1);

// Reads the advance widths of the shipped fonts and writes them to fonts/metrics.php. Run after a font changes:
// php fonts/measure.php

use FontLib\Font;

require __DIR__.'/../vendor/autoload.php';

$faces = [
    'lexend' => ['family' => 'Lexend', 'regular' => 'Lexend-Regular.ttf', 'bold' => 'Lexend-SemiBold.ttf', 'boldWeight' => 600],
    'andika' => ['family' => 'Andika', 'regular' => 'Andika-Regular.ttf', 'bold' => 'Andika-Bold.ttf', 'boldWeight' => 700],
];
// Latin with its accents, Greek, punctuation, arrows, mathematical signs and simple shapes.
$ranges = [[0x20, 0x7E], [0xA0, 0x24F], [0x250, 0x2AF], [0x370, 0x3FF], [0x2010, 0x205F], [0x2070, 0x209C], [0x20A0, 0x20BF], [0x2100, 0x214F], [0x2150, 0x215F], [0x2190, 0x21FF], [0x2200, 0x22FF], [0x25A0, 0x25FF], [0x2605, 0x2606], [0x2713, 0x2717]];

$measured = [];
foreach ($faces as $key => $face) {
    foreach (['regular', 'bold'] as $cut) {
        $font = Font::load(__DIR__.'/'.$face[$cut]);
        $font->parse();
        $units = $font->getData('head', 'unitsPerEm');
        $glyphs = $font->getUnicodeCharMap();
        $metrics = $font->getData('hmtx');
        $widths = [];
        foreach ($ranges as [$from, $to]) {
            for ($code = $from; $code <= $to; $code++) {
                if (isset($glyphs[$code])) {
                    $widths[$code] = round($metrics[$glyphs[$code]][0] * 1000 / $units, 2);
                }
            }
        }
        $measured[$key][$cut] = [
            'family' => $face['family'],
            'weight' => $cut === 'bold' ? $face['boldWeight'] : 400,
            'ascent' => round($font->getData('hhea', 'ascent') * 1000 / $units, 2),
            'descent' => round(-$font->getData('hhea', 'descent') * 1000 / $units, 2),
            'widths' => $widths,
        ];
    }
}

$code = "<?php\n\n// Advance widths in thousandths of the font size, by code point. Written by measure.php.\n\nreturn ".var_export($measured, true).";\n";
file_put_contents(__DIR__.'/metrics.php', preg_replace(['/array \(/', '/\)(,|;)\n/', '/=> \n\s+\[/'], ['[', "]$1\n", '=> ['], $code));
