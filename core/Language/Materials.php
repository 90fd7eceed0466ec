<?php

declare(strict_types=1);

namespace Daybright\Language;

/** Things that students have at hand in lessons, found where a script asks for them. */
final class Materials
{
    /** Common in classrooms and at home (common practice). */
    private const THINGS = [
        'ruler', 'scissors', 'protractor', 'compasses', 'calculator', 'glue', 'tape', 'string', 'thread', 'needle', 'pencil', 'crayons',
        'felt pens', 'paint', 'brush', 'chalk', 'whiteboard', 'exercise book', 'notebook', 'textbook', 'atlas', 'dictionary', 'map',
        'squared paper', 'graph paper', 'tracing paper', 'card', 'dice', 'counters', 'cubes', 'coins', 'stopwatch', 'thermometer', 'magnet',
        'magnifying glass', 'torch', 'mirror', 'battery', 'bulb', 'scales', 'measuring jug', 'measuring tape', 'tape measure', 'balloon',
        'straws', 'stick', 'stones', 'sand', 'water', 'vinegar', 'salt', 'sugar', 'flour', 'spoon', 'cup', 'bowl', 'bottle', 'rope',
        'ball', 'recorder', 'drum', 'headphones', 'compass', 'goggles', 'gloves',
    ];

    /** What a sentence says that tells students to have a thing: “take your ruler”, “you need a pair of scissors”. */
    private const ASKS = '(?:you(?:’|\')?(?:ll| will)? need|take|fetch|get out|have ready|find|bring|pick up|with your|use your)';

    private const BETWEEN = '(?: (?:out|up|a|an|some|the|your|pair|piece|of|and|sharp|long|short|straight|small|large|sheet)|,)*';

    /** @return list<string> as the list of materials would call them, in the order in which they are asked for */
    public static function askedFor(string $script): array
    {
        $things = implode('|', array_map(static fn (string $thing): string => preg_quote($thing, '/'), self::longestFirst()));
        preg_match_all('/\b'.self::ASKS.self::BETWEEN.' ('.$things.')\b/iu', $script, $found);

        return array_values(array_unique(array_map(mb_strtolower(...), $found[1])));
    }

    /** @return list<string> so that “tape measure” is found before “tape” */
    private static function longestFirst(): array
    {
        $things = self::THINGS;
        usort($things, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return $things;
    }
}
