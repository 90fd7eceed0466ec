<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** JSON Merge Patch (RFC 7396): what a patch leaves out stays, null takes away, lists are replaced as a whole. */
final class MergePatch
{
    /** Deeper than any content of a block. */
    private const DEEPEST = 12;

    /**
     * @param  array<mixed>  $target
     * @param  array<mixed>  $patch
     * @return array<mixed>
     */
    public static function apply(array $target, array $patch): array
    {
        return self::merged($target, $patch, true, 0);
    }

    /**
     * One patch that does what two do, one after the other, as long as what is an object stays one.
     *
     * @param  array<mixed>  $first
     * @param  array<mixed>  $second
     * @return array<mixed>
     */
    public static function joined(array $first, array $second): array
    {
        return self::merged($first, $second, false, 0);
    }

    /**
     * @param  array<mixed>  $target
     * @param  array<mixed>  $patch
     * @param  bool  $takesAway whether null takes a value away; else it is kept, to do so later
     * @return array<mixed>
     */
    private static function merged(array $target, array $patch, bool $takesAway, int $depth): array
    {
        foreach ($patch as $name => $value) {
            if ($value === null && $takesAway) {
                unset($target[$name]);
            } elseif (is_array($value) && self::isObject($value) && $depth < self::DEEPEST) {
                $under = $target[$name] ?? [];
                $target[$name] = self::merged(is_array($under) && self::isObject($under) ? $under : [], $value, $takesAway, $depth + 1);
            } else {
                $target[$name] = $value;
            }
        }

        return $target;
    }

    /**
     * An empty one may be either; nothing is the same either way.
     *
     * @param  array<mixed>  $value
     */
    private static function isObject(array $value): bool
    {
        return $value !== [] && ! array_is_list($value);
    }
}
