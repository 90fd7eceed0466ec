<?php

declare(strict_types=1);

namespace Tests\Faults;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Wrong input made of right input: the same seed makes the same again. */
final class Hostile
{
    private const TEXTS = [
        '',
        ' ',
        "\u{0}",
        "\u{B}",
        "\u{202E}",
        '%',
        '${x}',
        '{whole}',
        '`\\frac{1}{0}`',
        '<svg onload=x>',
        '../../etc/passwd',
        "'; drop table lessons; --",
        'null',
        'NaN',
        '1e999',
        '-1',
        '99999999999999999999',
        '(((((9^20)^20)^20)^20)^20)',
        'https://far.example/',
        '*two*',
        '🌞',
        'x',
    ];

    private const KEYS = ['id', 'kind', 'slides', 'steps', 'blocks', 'content', '__proto__', 'text', '', '0', 'a b', "\u{B}"];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public function whole(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  list<T>  $choices
     * @return T
     */
    public function one(array $choices): mixed
    {
        return $choices[$this->whole(0, count($choices) - 1)];
    }

    /** The same value with something wrong in one to three places. */
    public function value(mixed $value): mixed
    {
        for ($change = $this->whole(1, 3); $change > 0; $change--) {
            $value = $this->changed($value);
        }

        return $value;
    }

    /** Bits turned over, a piece missing, doubled or filled with something else. */
    public function bytes(string $bytes): string
    {
        $length = strlen($bytes);
        for ($change = $this->whole(1, 4); $change > 0 && $length > 0; $change--) {
            $at = $this->whole(0, $length - 1);
            $bytes = match ($this->whole(0, 5)) {
                0, 1 => substr_replace($bytes, chr(ord($bytes[$at]) ^ (1 << $this->whole(0, 7))), $at, 1),
                2 => substr($bytes, 0, $at),
                3 => substr_replace($bytes, '', $at, $this->whole(1, 40)),
                4 => substr_replace($bytes, substr($bytes, $this->whole(0, $length - 1), 60), $at, 0),
                default => substr_replace($bytes, str_repeat(chr($this->whole(0, 255)), $this->whole(1, 9)), $at, $this->whole(0, 9)),
            };
            $length = strlen($bytes);
        }

        return $bytes;
    }

    public function anything(int $depth = 0): mixed
    {
        return match ($this->whole(0, $depth > 3 ? 7 : 10)) {
            0 => null,
            1 => $this->one([true, false]),
            2 => $this->one([0, -1, PHP_INT_MAX, PHP_INT_MIN, 1_000_000_000]),
            3 => $this->one([1.5, -0.0, 1e300, 5e-324]),
            4, 5, 6 => $this->one(self::TEXTS),
            7 => str_repeat($this->one(['x', 'é', '(', '\\sqrt{', "\n"]), $this->one([10, 300, 5000])),
            8 => [],
            9 => array_map(fn (): mixed => $this->anything($depth + 1), range(0, $this->whole(0, 4))),
            default => [$this->one(self::KEYS) => $this->anything($depth + 1)],
        };
    }

    private function changed(mixed $value): mixed
    {
        if (is_object($value)) {
            $value = (array) $value;
        }
        if (! is_array($value) || $value === [] || $this->whole(0, 9) === 0) {
            return $this->anything();
        }
        $key = $this->one(array_keys($value));
        switch ($this->whole(0, 11)) {
            case 0:
                unset($value[$key]);
                break;
            case 1:
                $value[$this->one(self::KEYS)] = $this->anything();
                break;
            case 2:
                $value = array_is_list($value) ? [...$value, $value[$key]] : $value + ["{$key}2" => $value[$key]];
                break;
            default:
                $value[$key] = $this->changed($value[$key]);
        }

        return $value;
    }
}
