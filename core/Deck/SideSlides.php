<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\Lesson;

/** The side slides of a lesson that links lead to. */
final class SideSlides
{
    /**
     * Those that a student reaches from some slides, from one to the next.
     *
     * @param  array<string, list<string>>  $links ids of the slides that each slide leads to
     * @param  list<string>  $from ids of the slides that are seen anyway
     * @return list<string> ids, those nearest first
     */
    public static function reached(Lesson $lesson, array $links, array $from): array
    {
        $reached = [];
        while ($from !== []) {
            $here = array_shift($from);
            foreach ($links[$here] ?? [] as $slide) {
                if ($lesson->slide($slide)?->side === true && ! in_array($slide, $reached, true)) {
                    $reached[] = $from[] = $slide;
                }
            }
        }

        return $reached;
    }
}
