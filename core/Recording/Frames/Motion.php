<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

/** How often there is another picture while a hand moves. */
final class Motion
{
    /** Milliseconds: to the eye a line grows as evenly as with more pictures, and nothing is later than this. */
    private const EVERY = 55;

    /**
     * @param  list<float>  $changes milliseconds, in order
     * @return list<float> milliseconds of the pictures that show them: at once when nothing has changed for a while, and then together
     */
    public static function pictures(array $changes): array
    {
        $pictures = [];
        $last = -INF;
        foreach ($changes as $change) {
            if ($change > $last) {
                $pictures[] = $last = max($change, $last + self::EVERY);
            }
        }

        return $pictures;
    }
}
