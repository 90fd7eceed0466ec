<?php

declare(strict_types=1);

// Reads the advance widths of the shipped fonts and writes them to fonts/metrics.php. A letter that a face does not have is
// taken from the other one (“otherwise”), by every renderer and in the measures alike. Run after a font changes:
// php fonts/measure.php

use FontLib\Font;

require __DIR__.'/../vendor/autoload.php';

$faces = [
    'lexend' => [
        'family' => 'Lexend',
        'regular' => 'Lexend-Regular.ttf',
        'bold' => 'Lexend-SemiBold.ttf',
        'boldWeight' => 600,
        'otherwise' => 'andika',
    ],
    'andika' => [
        'family' => 'Andika',
        'regular' => 'Andika-Regular.ttf',
        'bold' => 'Andika-Bold.ttf',
        'boldWeight' => 700,
        'otherwise' => 'lexend',
    ],
];
// Latin with its accents, phonetic signs, Greek, Cyrillic, punctuation, arrows, mathematical signs and simple shapes.
$ranges = [
    [0x20, 0x7E],
    [0xA0, 0x24F],
    [0x250, 0x2AF],
    [0x370, 0x3FF],
    [0x400, 0x4FF],
    [0x1E00, 0x1EFF],
    [0x2010, 0x205F],
    [0x2070, 0x209C],
    [0x20A0, 0x20BF],
    [0x2100, 0x214F],
    [0x2150, 0x215F],
    [0x2190, 0x21FF],
    [0x2200, 0x22FF],
    [0x25A0, 0x25FF],
    [0x2605, 0x2606],
    [0x2713, 0x2717],
];

/** @return array{ascent: float, descent: float, widths: array<int, float>} */
$measure = static function (string $file) use ($ranges): array {
    $font = Font::load(__DIR__.'/'.$file);
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

    return [
        'ascent' => round($font->getData('hhea', 'ascent') * 1000 / $units, 2),
        'descent' => round(-$font->getData('hhea', 'descent') * 1000 / $units, 2),
        'widths' => $widths,
    ];
};

$measured = [];
foreach ($faces as $key => $face) {
    $measured[$key]['otherwise'] = $face['otherwise'];
    foreach (['regular', 'bold'] as $cut) {
        $measured[$key][$cut] = [
            'family' => $face['family'],
            'weight' => $cut === 'bold' ? $face['boldWeight'] : 400,
            ...$measure($face[$cut]),
        ];
    }
}

$code = "<?php\n\n// Advance widths in thousandths of the font size, by code point. Written by measure.php.\n\nreturn "
    .var_export($measured, true)
    .";\n";
file_put_contents(__DIR__.'/metrics.php', preg_replace(['/array \(/', '/\)(,|;)\n/', '/=> \n\s+\[/'], ['[', "]$1\n", '=> ['], $code));
