<?php

declare(strict_types=1);

/*
 * Writes core/Language/Data/words.php: one line a word, in order of the alphabet, with its speech sounds where they are known.
 *
 * Words: the lists of SCOWL (Debian packages wbritish and wamerican). Names such as June are kept with a “~” before their sounds.
 * Sounds: the first entry of each word in the CMU Pronouncing Dictionary (npm package cmu-pronouncing-dictionary).
 * Each sound is one letter, a stressed vowel with 1 or 2 behind it; the letters are those of core/Language/Sound.php.
 */

require __DIR__.'/../vendor/autoload.php';

use Daybright\Language\Sound;

$words = $names = [];
foreach (['british-english', 'american-english'] as $list) {
    foreach (file("/usr/share/dict/{$list}", FILE_IGNORE_NEW_LINES) ?: exit("Install the Debian packages wbritish and wamerican first.\n") as $word) {
        if (preg_match('/^([a-z]+|I)$/', $word) === 1) {
            $words[strtolower($word)] = '';
        } elseif (preg_match('/^[A-Z][a-z]+$/', $word) === 1) {
            $names[strtolower($word)] = true;
        }
    }
}
$source = (string) file_get_contents(__DIR__.'/../node_modules/cmu-pronouncing-dictionary/index.js');
preg_match_all('/^  "?([a-z]+)"?: "([A-Z0-2 ]+)"/m', $source, $entries, PREG_SET_ORDER);
foreach ($entries as [, $word, $sounds]) {
    if (! isset($words[$word]) && ! isset($names[$word])) {
        continue;
    }
    // A name has sounds, but it is no word to be built.
    $words[$word] ??= '~';
    foreach (explode(' ', $sounds) as $code) {
        $words[$word] .= Sound::fromArpabet(rtrim($code, '012'))->value.trim(preg_replace('/[^12]/', '', $code));
    }
}
ksort($words, SORT_STRING);
$lines = array_map(static fn (string $word, string $sounds): string => $sounds === '' ? $word : "{$word} {$sounds}", array_map(strval(...), array_keys($words)), $words);
file_put_contents(__DIR__.'/../core/Language/Data/words.php', "<?php\n\ndeclare(strict_types=1);\n\n// Made by dictionaries/build.php; licences in dictionaries/LICENCE.md.\n\nreturn <<<'WORDS'\n".implode("\n", $lines)."\nWORDS;\n");
echo count($lines), " words\n";
