<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** Units in a sentence, turned into an equality: “there are 60 minutes in an hour” becomes “1 hour = 60 minutes”. */
final class SpokenUnits
{
    private const PHRASES = [
        '\bthere are {number} {unit} in (?:an?|one|each|every|1) {unit}{ends}' => '1 {3} = {1} {2}',
        '{begins}{fraction}(?: of)? an? {unit} {is} {number} {unit}{ends}' => '{1} of 1 {2} = {3} {4}',
        '{begins}{number} {unit} {is} {fraction}(?: of)? an? {unit}{ends}' => '{1} {2} = {3} of 1 {4}',
        '{begins}{number} {unit},? and {number} {unit} {is} {number} {unit}{ends}' => '{1} {2} {3} {4} = {5} {6}',
        '{begins}{one or number} {unit} {is} {number} {unit}{ends}' => '{1} {2} = {3} {4}',
    ];

    /** @var list<Phrase>|null */
    private static ?array $phrases = null;

    public static function written(string $text): string
    {
        if (! Phrase::mayStandIn($text)) {
            return $text;
        }
        self::$phrases ??= array_map(
            static fn (string $said, string $written): Phrase => new Phrase($said, $written),
            array_keys(self::PHRASES),
            self::PHRASES,
        );
        foreach (self::$phrases as $phrase) {
            $text = $phrase->writtenIn($text, self::compares(...));
        }

        return $text;
    }

    /** Only units of one kind are compared: “20 minutes is 3 miles” is about walking. */
    private static function compares(string $equality): bool
    {
        [$left, $right] = explode(' = ', $equality);
        try {
            return Quantity::read($left)->unit->measuresLike(Quantity::read($right)->unit);
        } catch (MathsError) {
            return false;
        }
    }
}
