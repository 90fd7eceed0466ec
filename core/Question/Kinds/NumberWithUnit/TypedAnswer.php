<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Daybright\Maths\Checking\NumberWords;
use Daybright\Maths\Dimension;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Negation;
use Daybright\Maths\Expression\Number;
use Daybright\Maths\Expression\Operation;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;
use Daybright\Maths\Tokens;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Question\InvalidAnswer;

/**
 * A number with its unit, read as students type it on a phone: “4,5 cm.”, “x = 7”, “about 12 sq m”, “20 C”, “1 hour and 30 minutes”,
 * “2kw”.
 */
final class TypedAnswer
{
    /** What is put in front of an answer without being part of it. */
    private const BEFORE = '/^(?:'.self::ANSWER_IS.'|'.self::IT_IS.'|'.self::I_GOT.'|'.self::SIGN.')/iu';

    private const ANSWER_IS = '(?:so\s+)?(?:the\s+)?(?:final\s+)?ans(?:wer)?\s*(?:is|:|=)?\s*';

    private const IT_IS = '(?:i\s+(?:think|got|get)\s+)?(?:it\s+is|it’s|it\'s|its|'.self::NEARLY.')\s+';

    private const NEARLY = 'about|around|roughly|approximately|exactly';

    private const I_GOT = '(?:i\s+(?:think|got|get))\s+';

    private const SIGN = '[≈~=]\s*|\p{L}{1,3}\s*[=≈]\s*';

    /** What is put behind it. */
    private const BEHIND = '/\s*(?:'.self::DIMENSION.'|'.self::SHARE.'|'.self::PRECISION.')$/iu';

    private const DIMENSION = 'tall|long|wide|high|deep|thick|old|away';

    private const SHARE = 'each|altogether|in total|in all|more|left';

    private const PRECISION = 'exactly|or so|roughly|approximately';

    private const NUMBER_IN_WORDS = NumberWords::FRACTION.'|'.NumberWords::NUMBER;

    /** @throws MathsError when there is no number in it */
    public static function read(string $given, Unit $expected): Quantity
    {
        return self::readWith(self::typed($given, $expected), $expected);
    }

    /**
     * One number, and not the way to it.
     *
     * @throws InvalidAnswer when it is working
     * @throws MathsError when there is no number in it
     */
    public static function refuseWorking(string $given, Unit $expected): void
    {
        $typed = self::isCount($expected)
            ? (string) preg_replace('/\s*\p{L}[\p{L} ]*$/u', '', self::typed($given, $expected))
            : self::typed($given, $expected);
        $read = (new Parser(Tokens::ofMeasure($typed)))->parseWhole();
        if (! self::isOneNumber($read)) {
            throw InvalidAnswer::working();
        }
    }

    /** Whether it was written as a fraction, such as 3/4 or 1 1/2. */
    public static function isFraction(string $given, Unit $expected): bool
    {
        return preg_match('~\d\s*[/⁄]\s*\d|[¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]~u', self::typed($given, $expected)) === 1;
    }

    private static function readWith(string $typed, Unit $expected): Quantity
    {
        // “12 marbles” where marbles are asked for.
        if (
            self::isCount($expected)
            && preg_match('/^(.*\d)\s*(\p{L}[\p{L} ]*)$/u', $typed, $match) === 1
            && str_starts_with(mb_strtolower($match[2]), mb_strtolower(mb_substr($expected->symbol(), 0, 4)))
        ) {
            return Quantity::of(Quantity::read($match[1])->value, $expected);
        }
        $read = Quantity::read($typed);

        return self::isCount($expected) && $read->unit->isNone() ? new Quantity($read->value, $expected, $read->exact) : $read;
    }

    private static function isOneNumber(Expression $expression): bool
    {
        return match (true) {
            $expression instanceof Number => true,
            $expression instanceof Negation => self::isOneNumber($expression->inner),
            $expression instanceof Operation => $expression->sign === '/'
                && $expression->left instanceof Number
                && $expression->right instanceof Number,
            default => false,
        };
    }

    private static function typed(string $given, Unit $expected): string
    {
        $tidied = self::tidied($given, $expected);

        return self::inExpectedCase(self::inExpectedWords($tidied, $expected), $expected);
    }

    /** Things that are counted, and measured by no unit. */
    private static function isCount(Unit $unit): bool
    {
        return str_starts_with((string) array_key_first($unit->dimensions), 'count of');
    }

    private static function tidied(string $given, Unit $expected): string
    {
        // Figures of a Japanese keyboard are figures, and quotation marks are none.
        $bare = trim((string) preg_replace(
            ['/^\s*[“‘](.*)[”’]\s*$/us', '/^\s*(["\'])(.*)\1\s*$/us'],
            ['$1', '$2'],
            mb_convert_kana($given, 'as'),
        ));
        for ($before = ''; $before !== $bare;) {
            $before = $bare;
            $bare = trim((string) preg_replace([self::BEFORE, '/\s*[.!?;]+$/u', self::BEHIND], '', $bare));
        }
        $bare = self::recurring($bare);
        if ($expected->dimension() === Dimension::Time) {
            $bare = (string) preg_replace('/^(\d{1,3}):(\d{2})(?::(\d{2}))?$/', '$1 h $2 min', $bare);
        }

        return (string) preg_replace(
            [
                '/^(?:minus|negative)\s+/iu',
                '/^([-−]?)\s*[,.](?=\d)/u', '/(?<=[£$€₹¥])\s*[,.](?=\d)/u',
                '/\bsq\.?\s+(?=\p{L})/iu', '/\bcu\.?\s+(?=\p{L})/iu',
                '/(?<=\d)\s*[″"”]/u', '/(?<=\d)\s*[′\'’]/u',
                '/\b(kg|km|cm|mm|ml)s\b/u',
                // “1 hour and 30 minutes”
                '/(?<=\p{L})(?:\s+and|,)\s+(?=\d)/iu',
                '/\s*\bper\s?cent\b/iu',
                '/\bdegrees?\s+(?=[CF]\b|Celsius|Fahrenheit)/iu',
            ],
            ['-', '${1}0.', '0.', 'square ', 'cubic ', ' in', ' ft ', '$1', ' ', '%', ' °'],
            self::inFigures($bare),
        );
    }

    /** “one and a half hours” is 1 1/2 hours, “three-quarters” 3/4. */
    private static function inFigures(string $bare): string
    {
        $sign = preg_match('/^(?:minus|negative)\s+/iu', $bare, $match) === 1 ? $match[0] : '';
        $rest = mb_substr($bare, mb_strlen($sign));
        if (preg_match('/^('.NumberWords::NUMBER.')\s+and\s+('.NumberWords::FRACTION.')/iu', $rest, $mixed) === 1) {
            return $sign.NumberWords::inFigures($mixed[1]).' '.NumberWords::inFigures($mixed[2]).mb_substr($rest, mb_strlen($mixed[0]));
        }
        $apart = preg_match('/^\p{L}+-(?:half|halves|\p{L}+s)\b/iu', $rest) === 1 ? (string) preg_replace('/-/', ' ', $rest, 1) : $rest;

        return $sign.(string) preg_replace_callback(
            '/^(?:'.self::NUMBER_IN_WORDS.')/iu',
            static fn (array $match): string => NumberWords::inFigures($match[0]),
            preg_match('/^(?:'.NumberWords::FRACTION.')/iu', $apart) === 1 ? $apart : $rest,
        );
    }

    /** “0.3 recurring”, “0.333…”, “0.1(6)”: the fraction that it is. */
    private static function recurring(string $bare): string
    {
        $pattern = match (true) {
            preg_match('/^(\d*)[.,](\d*?)(\d)\s+rec(?:urring)?\b\.?(.*)$/iu', $bare, $match) === 1 => $match,
            preg_match('/^(\d*)[.,](\d*?)\((\d+)\)(.*)$/u', $bare, $match) === 1 => $match,
            preg_match('/^(\d*)[.,](\d*?)(\d+?)\3{2,}\s*(?:…|\.{2,})(.*)$/u', $bare, $match) === 1 => $match,
            default => null,
        };
        if ($pattern === null) {
            return $bare;
        }
        [, $whole, $fixed, $again, $behind] = $pattern;
        [$nines, $zeros] = [str_repeat('9', strlen($again)), str_repeat('0', strlen($fixed))];
        if (strlen($whole.$fixed.$again) > 12) {
            return $bare;
        }
        $top = (int) ($whole.$fixed.$again) - (int) ($whole.$fixed);

        return "{$top}/{$nines}{$zeros}{$behind}";
    }

    /** A word that means several units means the one that is asked for: pounds of money or of weight, degrees of heat or of arc. */
    private static function inExpectedWords(string $typed, Unit $expected): string
    {
        [$number, $word] = preg_match('/^(.*\d)\s*(°?\s?\p{L}+|°)$/u', $typed, $match) === 1
            ? [$match[1], mb_strtolower(str_replace(' ', '', $match[2]))]
            : [$typed, ''];
        $symbol = $expected->symbol();
        $isHeat = in_array($symbol, ['°C', '°F', 'K'], true);
        $means = match (true) {
            in_array($word, ['c', '°c', 'celsius', '°celsius', 'centigrade'], true) => $symbol === '°C'
                || ($isHeat && str_starts_with($word, '°'))
                ? '°C'
                : null,
            in_array($word, ['f', '°f', 'fahrenheit', '°fahrenheit'], true) => $symbol === '°F' || ($isHeat && str_starts_with($word, '°'))
                ? '°F'
                : null,
            in_array($word, ['°', 'deg', 'degree', 'degrees'], true) => $isHeat ? $symbol : null,
            in_array($word, ['pound', 'pounds'], true) => in_array($symbol, ['£', 'lb'], true) ? $symbol : null,
            in_array($word, ['dollar', 'dollars'], true) => '$',
            in_array($word, ['euro', 'euros'], true) => '€',
            in_array($word, ['cent', 'cents', 'c'], true) && $symbol === '€' => null,
            default => null,
        };

        return $means === null ? $typed : "{$number} {$means}";
    }

    /** On a phone “2kw” and “6V” are typed as they come: in whatever case, it is the unit of the kind that is asked for. */
    private static function inExpectedCase(string $typed, Unit $expected): string
    {
        if (
            $expected->isNone()
            || preg_match('/^(.*?\d)\s*(\p{L}+)$/u', $typed, $match) !== 1
            || Units::called($match[2])?->measuresLike($expected) === true
        ) {
            return $typed;
        }
        $like = Units::inAnyCase($match[2], $expected);

        return $like === null ? $typed : "{$match[1]} {$like}";
    }
}
