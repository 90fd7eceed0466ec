<?php

declare(strict_types=1);

/*
 * Writes core/Language/Data/words.php: one line a word, in order of the alphabet, with its speech sounds where they are known.
 *
 * Words: the lists of SCOWL (Debian packages wbritish and wamerican). Names such as June are kept with a “~” before their sounds.
 * Sounds: school-words.txt; otherwise the first entry of each word in the CMU Pronouncing Dictionary (npm package
 * cmu-pronouncing-dictionary);
 * otherwise, for a British spelling, that of the American one.
 * A word no child should meet is marked “!” (npm package naughty-words, without those that a school needs).
 * Each sound is one letter, a stressed vowel with 1 or 2 behind it; the letters are those of core/Language/Sound.php.
 */

require __DIR__.'/../vendor/autoload.php';

use Daybright\Language\Sound;

/** British ending => American ending. */
const SPELLINGS = [
    '/tre(s|d)?$/' => 'ter$1',
    '/our(s|ed|ing|ite|ful|less|able)?$/' => 'or$1',
    '/is(e|es|ed|ing|er|ers|ation|ations)$/' => 'iz$1',
    '/([aeiouy][^aeiouy]+[aeiou])ll(ed|ing|er|ers)$/' => '$1l$2',
    '/^(an|arch|encyclop|f|gyn|h|medi|p|prim|orthop|)ae(?=[ceimsoOtvd])/' => '$1e',
    '/^(f|am|)oe(?=[bdst])/' => '$1e',
    '/^manoeuv(.*?)re/' => 'maneuv$1er',
    '/ogue(s?)$/' => 'og$1',
    '/ence$/' => 'ense',
];

/** Sounds of the CMU dictionary in the letters that are kept. */
function kept(string $sounds): string
{
    return implode(
        '',
        array_map(
            static fn (string $code): string => Sound::fromArpabet(rtrim($code, '012'))->value.preg_replace('/[^12]/', '', $code),
            explode(' ', trim($sounds)),
        ),
    );
}

/** One beat is heard in “fire” and “our”, two in “tumbling”, though the first entry has one more (its second entry agrees). */
function asOtherDictionariesCount(string $word, string $sounds): string
{
    return match (true) {
        preg_match(
            '/[^aeiou]ire(s|d)?$|[^fl]our(s|ed)?$|^our/',
            $word,
        ) === 1 => (string) preg_replace('/^(.*)\b(AY1|AW1|AY2) ER0/', '$1$2 R', $sounds),
        preg_match('/[bcdfgkptz]ling$/', $word) === 1 => (string) preg_replace('/AH0 L IH0 NG$/', 'L IH0 NG', $sounds),
        default => $sounds,
    };
}

/** Words of the list that have a plain meaning in class. */
const FIT = [
    'bareback',
    'butt',
    'domination',
    'escort',
    'hooker',
    'nude',
    'pegging',
    'shrimping',
    'skeet',
    'snowballing',
    'suck',
    'sucks',
    'swastika',
    'swinger',
    'topless',
    'twink',
    'undressing',
    'fecal',
    'grope',
    'snatch',
    'asses',
    'monger',
    'mongers',
    'spiced',
    'spices',
    'spicing',
    'spicy',
    'booby',
    'dicker',
    'dickers',
    'cocky',
    'cocked',
    'cocking',
    'fingering',
    'fingerings',
    'genitals',
    'rimming',
    'panty',
    'panties',
    'sex',
    'sexes',
    'sexual',
    'sexually',
    'sexuality',
    'penis',
    'vagina',
    'vulva',
    'semen',
    'rectum',
    'anus',
    'nipple',
    'nipples',
];

$listed = array_diff((array) json_decode((string) file_get_contents(__DIR__.'/../node_modules/naughty-words/en.json'), true), FIT);
$unfit = '/^(?!(?:'.implode('|', FIT).')$)(?:'.implode(
    '|',
    array_map(preg_quote(...), array_filter($listed, ctype_lower(...))),
).')(?:e?s|e?d|e?rs?|ing|y)?$/';

$sounds = [];
preg_match_all(
    '/^  "?([a-z]+)"?: "([A-Z0-2 ]+)"/m',
    (string) file_get_contents(__DIR__.'/../node_modules/cmu-pronouncing-dictionary/index.js'),
    $entries,
    PREG_SET_ORDER,
);
foreach ($entries as [, $word, $codes]) {
    $sounds[$word] = kept(asOtherDictionariesCount($word, $codes));
}
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
foreach (preg_grep('/^#/', file(__DIR__.'/school-words.txt', FILE_IGNORE_NEW_LINES) ?: [], PREG_GREP_INVERT) ?: [] as $line) {
    [$word, $codes] = explode(' ', $line, 2);
    $sounds[ltrim($word, '~')] = kept($codes);
    if ($word[0] === '~') {
        $names[ltrim($word, '~')] = true;
    } else {
        $words[$word] = '';
    }
}
foreach (array_keys($words) as $word) {
    $american = (string) preg_replace(array_keys(SPELLINGS), array_values(SPELLINGS), $word);
    $words[$word] = $sounds[$word] ?? $sounds[$american] ?? '';
}
foreach (array_keys($names) as $name) {
    // A name has sounds, but it is no word to be built.
    if (! isset($words[$name]) && isset($sounds[$name])) {
        $words[$name] = '~'.$sounds[$name];
    }
}
ksort($words, SORT_STRING);
$lines = array_map(
    static fn (string $word, string $sounds): string => rtrim("{$word} ".(preg_match($unfit, $word) === 1 ? '!' : '').$sounds),
    array_map(strval(...), array_keys($words)),
    $words,
);
file_put_contents(
    __DIR__.'/../core/Language/Data/words.php',
    "<?php\n\ndeclare(strict_types=1);\n\n// Made by dictionaries/build.php; licences in dictionaries/LICENCE.md.\n\nreturn <<<'WORDS'\n"
        .implode("\n", $lines)
        ."\nWORDS;\n",
);
echo count($lines), " words\n";
