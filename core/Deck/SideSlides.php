<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\Lesson;
use Daybright\Scene\Scene;

/** The side slides of a lesson that links lead to. */
final class SideSlides
{
    /**
     * Those that a student reaches from some slides, from one to the next.
     *
     * @param  array<string, Scene>  $scenes by slide id
     * @param  list<string>  $from ids of the slides that are seen anyway
     * @return list<string> ids, those nearest first
     */
    public static function reached(Lesson $lesson, array $scenes, array $from): array
    {
        $reached = [];
        while ($from !== []) {
            $here = array_shift($from);
            foreach (isset($scenes[$here]) ? $scenes[$here]->links() : [] as $link) {
                if ($lesson->slide($link->slide)?->side === true && ! in_array($link->slide, $reached, true)) {
                    $reached[] = $from[] = $link->slide;
                }
            }
        }

        return $reached;
    }
}
