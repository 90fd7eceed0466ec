<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** The names of measures in a text, and the kind of unit each needs. */
final class Measures
{
    private const KINDS = [
        'volume' => 'a volume', 'capacity' => 'a volume', 'area' => 'an area', 'perimeter' => 'a length',
        'length' => 'a length', 'width' => 'a length', 'height' => 'a length', 'depth' => 'a length',
        'radius' => 'a length', 'diameter' => 'a length', 'distance' => 'a length',
        'mass' => 'a mass', 'angle' => 'an angle', 'speed' => 'a speed', 'time' => 'a time',
        'density' => 'a density', 'force' => 'a force', 'pressure' => 'a pressure', 'acceleration' => 'an acceleration',
        'voltage' => 'a voltage', 'current' => 'a current', 'resistance' => 'a resistance', 'power' => 'a power', 'energy' => 'an energy',
    ];

    private const EXAMPLES = [
        'a volume' => 'cm³',
        'an area' => 'cm²',
        'a length' => 'cm',
        'a mass' => 'g',
        'an angle' => 'degrees',
        'a speed' => 'km/h',
        'a time' => 'minutes',
        'a density' => 'g/cm³',
        'a force' => 'N',
        'a pressure' => 'Pa',
        'an acceleration' => 'm/s²',
        'a voltage' => 'V',
        'a current' => 'A',
        'a resistance' => 'Ω',
        'a power' => 'W',
        'an energy' => 'J',
    ];

    /** “The area” or “the area is” names the area and nothing else; “area with height 4” may be about anything. */
    public static function namedAlone(string $text): ?string
    {
        $measures = implode('|', array_keys(self::KINDS));

        return preg_match("/^(?:so )?(?:the |its )?(?:\\p{L}+ )?({$measures})(?: is| was)?$/ui", trim($text), $match) === 1
            ? mb_strtolower($match[1])
            : null;
    }

    /** @return string such as “an area” */
    public static function kindOf(string $measure): string
    {
        return self::KINDS[$measure];
    }

    public static function exampleUnitOf(string $measure): string
    {
        return self::EXAMPLES[self::KINDS[$measure]];
    }
}
