<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;
use Daybright\Maths\Token;
use Daybright\Maths\Tokens;

/**
 * One side of an equality: the sum that stands next to the sign, and its value.
 *
 * Words around the sum are passed over only where they cannot belong to it; otherwise there is no side to judge.
 */
final readonly class Side
{
    /** A sum that these stand before is part of a longer one. */
    private const GOES_ON_BEFORE = '~'.self::SIGN_BEFORE.'|'.self::JOINED_BEFORE.'|'.self::FUNCTION_BEFORE.'~ui';

    private const SIGN_BEFORE = '(?:[-+−–×*·÷/^(√=<>:|]|\bx|'.self::TIMES_BEFORE.'|\d)\s*$';

    /** “of” multiplies, as in “half of 6”, unless it follows what is measured, as in “an area of 6 m²”. */
    private const TIMES_BEFORE = self::NO_SIZE.self::NO_OTHER_MEASURE.'\bof';

    private const NO_SIZE = '(?<!volume )(?<!area )(?<!perimeter )(?<!length )(?<!width )(?<!height )';

    private const NO_OTHER_MEASURE = '(?<!mass )(?<!speed )(?<!distance )(?<!total )(?<!cost )(?<!angle )';

    private const JOINED_BEFORE = '\d\S*\s+(?:and|plus|minus|less|add|take away)\s*$';

    private const FUNCTION_BEFORE = '\b(?:'.self::FUNCTIONS.'|'.self::RELATIONS.')\s*$';

    private const FUNCTIONS = 'sin|cos|tan|log|ln|lg|exp|max|min|gcd|hcf|lcm|mod|root';

    private const RELATIONS = 'than|off|past|per|by|increase|decrease|ratio';

    /** Words before a lone number that do not make a count or a name of it: “so 1 m²” but not “room 12”. */
    private const LEADS_IN = '/^(?:[^\d]*\s)?(?:'.self::CONCLUDING.'|'.self::REMINDING.')$/ui';

    private const CONCLUDING = 'so|then|that|therefore|thus|because|since';

    private const REMINDING = 'know|remember|but|also|means|hence|where|if|and';

    /** What follows belongs to the number and was not read: “3 r 1”, “3 : 4”, “3 quarters”, “5 more than 2”. */
    private const GOES_ON_AFTER = '~^\s*(?:'.self::SIGN_AFTER.'|'.self::WORD_AFTER.'|'.self::SIZE_AFTER.')~ui';

    private const SIGN_AFTER = '[-+−–×*·÷/^(²³°:|%‰\d]|[a-z](?:\s|\d|$)';

    private const WORD_AFTER = 'r\s*\d|rem(?:ainder)?\b|to \d|(?:more|less|fewer|times|lots|groups)\b';

    private const SIZE_AFTER = '\p{L}*(?:'.self::LARGE.'|'.self::FRACTIONS.')(?:s|ths?)?\b';

    private const LARGE = 'hundred|thousand|million|billion|dozen|ten';

    private const FRACTIONS = 'one|half|halve|third|quarter|fourth|fifth|sixth|seventh|eighth|ninth|tenth';

    /** Words that may follow a result without naming what was counted. */
    private const FOLLOWS_ON = '/^(?:'.self::JOINING.'|'.self::REMARKING.')\b/ui';

    private const JOINING = 'so|and|then|but|or|which|that|because|as|is|in|for|when';

    private const REMARKING = 'if|therefore|thus|altogether|exactly|too|again';

    private function __construct(public string $written, public Quantity $value, public bool $counts = false)
    {
    }

    /** The whole text as one sum. */
    public static function whole(string $text): ?self
    {
        $text = trim($text);
        if (preg_match('/[\dπ]/u', $text) !== 1) {
            return null;
        }
        $value = self::read($text, Tokens::ofSum(...)) ?? self::read($text, Tokens::ofFormula(...));

        return $value === null ? null : new self($text, $value);
    }

    /**
     * The same sum with its points and commas the other way round, as they are used in other countries: “1.500” is then 1500.
     */
    public function inOtherStyle(): ?self
    {
        $other = (string) preg_replace(['/(?<=\d)\.(?=\d{3}(?!\d))/', '/(?<=\d),(?=\d)/'], ['', '.'], $this->written);
        $same = $other === $this->written ? null : self::whole($other);

        return $same === null ? null : new self($this->written, $same->value, $this->counts);
    }

    /** @param  callable(string): list<Token>  $cut */
    private static function read(string $text, callable $cut): ?Quantity
    {
        try {
            return (new Parser($cut($text)))->parseWhole()->evaluate([]);
        } catch (MathsError) {
            return null;
        }
    }

    /** The longest sum at the end of a text: “so 14 × 30” gives “14 × 30”. */
    public static function atEndOf(string $text): ?self
    {
        $text = trim($text);
        foreach (self::wordStarts($text) as $start) {
            [$before, $candidate] = [mb_substr($text, 0, $start), mb_substr($text, $start)];
            if (preg_match('~[-+−–×*·÷/^(√=<>:|]\s*$~u', $before) === 1 || preg_match('~^[-+−–×*·÷/^)=<>:|]\s~u', $candidate) === 1) {
                return null;
            }
            $side = self::whole($candidate);
            if ($side !== null) {
                return $side->standsFreeAfter(trim($before)) ? $side : null;
            }
        }

        return null;
    }

    /** The longest sum at the start of a text: “450 apples” gives “450”. */
    public static function atStartOf(string $text): ?self
    {
        $text = trim($text);
        foreach (self::wordEnds($text) as $end) {
            $candidate = rtrim(mb_substr($text, 0, $end), ' .)');
            if (substr_count($candidate, '(') > substr_count($candidate, ')')) {
                $candidate .= ')';
            }
            $side = self::whole($candidate);
            if ($side !== null) {
                return $side->withRest(mb_substr($text, $end));
            }
        }

        return null;
    }

    /** A number and nothing to work out: neither sign, fraction, decimal nor percent. */
    public function isLoneNumber(): bool
    {
        return preg_match('/^[\d\s,\x{00A0}\x{202F}]+$/u', $this->written) === 1;
    }

    private function standsFreeAfter(string $before): bool
    {
        if ($before === '') {
            return true;
        }
        if (preg_match(self::GOES_ON_BEFORE, $before) === 1) {
            return false;
        }

        return $this->isWorkedOut() || preg_match(self::LEADS_IN, $before) === 1;
    }

    private function withRest(string $rest): ?self
    {
        $rest = trim($rest);
        if (preg_match(self::GOES_ON_AFTER, $rest) === 1) {
            return null;
        }
        $counts = preg_match('/^\p{L}/u', $rest) === 1 && preg_match(self::FOLLOWS_ON, $rest) !== 1;

        return new self($this->written, $this->value, $counts);
    }

    /** Whether there is something to work out, and not just a measure. */
    private function isWorkedOut(): bool
    {
        return preg_match('~[-+−–×*·÷/^(√∛%¼½¾²³!|π]|\d\s*x\s*\d|\bof\b~u', (string) preg_replace('/^[-−]+/u', '', $this->written)) === 1;
    }

    /** @return list<int> */
    private static function wordStarts(string $text): array
    {
        return [0, ...array_map(static fn (int $space): int => $space + 1, self::spaces($text))];
    }

    /** @return list<int> longest first */
    private static function wordEnds(string $text): array
    {
        return [mb_strlen($text), ...array_reverse(self::spaces($text))];
    }

    /** @return list<int> */
    private static function spaces(string $text): array
    {
        return array_keys(mb_str_split($text), ' ', true);
    }
}
