<?php

declare(strict_types=1);

/**
 * Builds the library of drawings out of open packages: each as an SVG file of its own, and one list of their words.
 *
 *     php library/build.php FOLDER
 *
 * Drawings: npm packages @iconify-json/fluent-emoji-flat (MIT) and @iconify-json/openmoji (CC BY-SA 4.0), as their info.json says.
 * Words in plain British English, by code point: npm package emojibase-data (MIT).
 *
 * Of drawings of people that differ in the colour of the skin alone, the one that shows none is taken.
 */
const SOURCES = [
    'flat' => ['package' => 'fluent-emoji-flat', 'licences' => ['MIT' => 'mit']],
    'line' => ['package' => 'openmoji', 'licences' => ['CC-BY-SA-4.0' => 'cc by-sa']],
];

const SKIN_TONE = '/-(?:light|medium-light|medium|medium-dark|dark)(?:-|$)|1f3f[b-f]/';

/** What not every renderer draws alike. */
const UNSAFE = '/<(?:filter|image|style|foreignObject|text)\b/';

$folder = $argv[1] ?? exit("Say which folder to write to.\n");
$packages = __DIR__.'/../node_modules';
$words = wordsByCodePoint($packages.'/emojibase-data/en-gb/data.json');
$entries = $taken = [];
foreach (SOURCES as $source => ['package' => $package, 'licences' => $licences]) {
    $info = read("{$packages}/@iconify-json/{$package}/info.json");
    $licence = $licences[$info['license']['spdx']] ?? exit("{$package} has another licence now: {$info['license']['spdx']}.\n");
    $set = read("{$packages}/@iconify-json/{$package}/icons.json");
    $codes = array_flip(read("{$packages}/@iconify-json/{$package}/chars.json"));
    is_dir("{$folder}/{$source}") || mkdir("{$folder}/{$source}", 0777, true);
    foreach ($set['icons'] as $name => $icon) {
        $code = (string) ($codes[$name] ?? '');
        if (preg_match(SKIN_TONE, $name) === 1 || preg_match(SKIN_TONE, $code) === 1 || preg_match(UNSAFE, $icon['body']) === 1) {
            continue;
        }
        [$label, $tags] = $words[plainCode($code)] ?? [str_replace('-', ' ', $name), []];
        file_put_contents("{$folder}/{$source}/{$name}.svg", drawing($icon, $set));
        $entries[] = [
            'id' => "{$source}/{$name}",
            'label' => $label,
            'tags' => $tags,
            'credit' => "{$info['name']}, {$info['author']['name']}",
            'licence' => $licence,
        ];
    }
}
file_put_contents("{$folder}/words.php", "<?php\n\nreturn ".var_export($entries, true).";\n");
echo count($entries)." drawings\n";

/** @return array<string, array{string, list<string>}> label and other words, by code points without signs of presentation */
function wordsByCodePoint(string $path): array
{
    $words = [];
    foreach (read($path) as $emoji) {
        $words[plainCode($emoji['hexcode'])] = [$emoji['label'], $emoji['tags'] ?? []];
    }

    return $words;
}

function plainCode(string $code): string
{
    return str_replace('-fe0f', '', strtolower($code));
}

/**
 * @param  array<string, mixed>  $icon
 * @param  array<string, mixed>  $set
 */
function drawing(array $icon, array $set): string
{
    $box = [$icon['left'] ?? 0, $icon['top'] ?? 0, $icon['width'] ?? $set['width'], $icon['height'] ?? $set['height']];

    return '<svg xmlns="http://www.w3.org/2000/svg" width="'.$box[2] * 16 .'" height="'.$box[3] * 16 .'" viewBox="'.implode(' ', $box).'">'
        .$icon['body'].'</svg>';
}

/** @return array<mixed> */
function read(string $path): array
{
    return json_decode((string) file_get_contents($path), true, 512, JSON_THROW_ON_ERROR);
}
