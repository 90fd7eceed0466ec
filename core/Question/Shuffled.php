<?php

declare(strict_types=1);

namespace Daybright\Question;

use Closure;

/** Things in an order that gives nothing away, the same one every time. */
final class Shuffled
{
    /**
     * @template Thing
     *
     * @param  list<Thing>  $things
     * @param  Closure(Thing): string  $identity what distinguishes one from another
     * @return list<Thing>
     */
    public static function shuffle(array $things, Closure $identity): array
    {
        $keys = array_map(static fn (mixed $thing): string => hash('crc32b', $identity($thing)), $things);
        array_multisort($keys, SORT_STRING, $things);

        return $things;
    }
}
