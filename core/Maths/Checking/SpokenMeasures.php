<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/**
 * Measures in a sentence with a unit of the wrong kind: “the tank holds 60 centimetres”, “its area is 40 cm”, “12 cm² long”.
 *
 * Only lengths, areas and volumes are told apart here: a song may be three minutes long and a volume at 80 %.
 */
final class SpokenMeasures
{
    private const CONTAINERS = 'tank|box|jug|glass|bottle|bucket|tin|can|pool|basin|cube|cuboid|container|aquarium|bath|barrel|cup|jar|carton|tray|vase|beaker|cylinder';

    private const NUMBER = '(\d[\d.,]*(?: \d+\/\d+)?\s?(?:square |cubic )?(?:\p{L}+[²³]?|\p{L}+\^?[23])(?: squared| cubed)?)';

    private const HOLDS = '(?:then |now |only |can )?(?:holds?|contains?) (?:about |exactly |only |up to )?';

    private const MEASURE = '(volume|capacity|area|perimeter|length|width|height|depth|radius|diameter)';

    private const OF_A_THING = '(?: of (?:the|a|an|this|our|each) \p{L}+)?';

    private const IS = ' (?:is|was|must be|will be) (?:about |exactly |therefore |then )?';

    private const NAMED = '/\b'.self::MEASURE.self::OF_A_THING.self::IS.self::NUMBER.'/iu';

    private const PATTERNS = [
        'volume' => '/\b(?:'.self::CONTAINERS.') '.self::HOLDS.self::NUMBER.'/iu',
        'length' => '/(?<![\d.,])'.self::NUMBER.' (?:long|wide|high|tall|deep)\b/iu',
    ];

    /** @return list<Equality> */
    public static function check(string $text): array
    {
        $found = [];
        foreach (self::PATTERNS as $measure => $pattern) {
            preg_match_all($pattern, $text, $matches, PREG_SET_ORDER);
            foreach ($matches as $match) {
                $found[] = self::judge($match[0], $match[1], $measure);
            }
        }
        preg_match_all(self::NAMED, $text, $matches, PREG_SET_ORDER);
        foreach ($matches as $match) {
            $found[] = self::judge($match[0], $match[2], mb_strtolower($match[1]));
        }

        return array_values(array_filter($found));
    }

    private static function judge(string $written, string $quantity, string $measure): ?Equality
    {
        try {
            $given = Quantity::read($quantity);
        } catch (MathsError) {
            return null;
        }
        $isSpatial = array_keys($given->unit->dimensions) === ['length'] && $given->unit->dimensions['length'] > 0;
        if (! $isSpatial || $given->unit->dimension() === Measures::dimensionOf($measure)) {
            return null;
        }

        return Equality::ofTheWrongMeasure($written, $given, $measure);
    }
}
