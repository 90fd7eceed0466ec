<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Daybright\Maths\Dimension;

/** The names of measures in a text, and the kind of unit each needs. */
final class Measures
{
    private const KINDS = [
        'volume' => Dimension::Volume,
        'capacity' => Dimension::Volume,
        'area' => Dimension::Area,
        'perimeter' => Dimension::Length,
        'length' => Dimension::Length,
        'width' => Dimension::Length,
        'height' => Dimension::Length,
        'depth' => Dimension::Length,
        'radius' => Dimension::Length,
        'diameter' => Dimension::Length,
        'distance' => Dimension::Length,
        'mass' => Dimension::Mass,
        'angle' => Dimension::Angle,
        'speed' => Dimension::Speed,
        'time' => Dimension::Time,
        'density' => Dimension::Density,
        'force' => Dimension::Force,
        'pressure' => Dimension::Pressure,
        'acceleration' => Dimension::Acceleration,
        'voltage' => Dimension::Voltage,
        'current' => Dimension::Current,
        'resistance' => Dimension::Resistance,
        'power' => Dimension::Power,
        'energy' => Dimension::Energy,
    ];

    /** “The area” or “the area is” names the area and nothing else; “area with height 4” may be about anything. */
    public static function namedAlone(string $text): ?string
    {
        $measures = implode('|', array_keys(self::KINDS));

        return preg_match("/^(?:so )?(?:the |its )?(?:\\p{L}+ )?({$measures})(?: is| was)?$/ui", trim($text), $match) === 1
            ? mb_strtolower($match[1])
            : null;
    }

    public static function dimensionOf(string $measure): Dimension
    {
        return self::KINDS[$measure];
    }

    public static function exampleUnitOf(string $measure): string
    {
        return match (self::KINDS[$measure]) {
            Dimension::Volume => 'cm³',
            Dimension::Area => 'cm²',
            Dimension::Length => 'cm',
            Dimension::Mass => 'g',
            Dimension::Angle => 'degrees',
            Dimension::Speed => 'km/h',
            Dimension::Time => 'minutes',
            Dimension::Density => 'g/cm³',
            Dimension::Force => 'N',
            Dimension::Pressure => 'Pa',
            Dimension::Acceleration => 'm/s²',
            Dimension::Voltage => 'V',
            Dimension::Current => 'A',
            Dimension::Resistance => 'Ω',
            Dimension::Power => 'W',
            Dimension::Energy => 'J',
        };
    }
}
