<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\PartKind;
use Daybright\Lesson\Slide;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** A term that the script uses before its card explains it; an opening and the aims may. */
final readonly class TermBeforeCard implements LessonRule
{
    private const BEFOREHAND = [PartKind::Opening, PartKind::Aims];

    public function name(): string
    {
        return 'term-before-card';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $findings = [];
        $slides = $inspection->lesson->mainSlides();
        foreach (self::terms($inspection, $slides) as [$term, $number, $step]) {
            foreach (array_slice($slides, 0, $number + 1) as $at => $slide) {
                $steps = $at === $number ? array_slice($slide->steps, 0, $step) : $slide->steps;
                foreach (in_array($slide->part, self::BEFOREHAND, true) ? [] : $steps as $said) {
                    if (self::says($said->script, $term)) {
                        $findings[] = Finding::ofStep(
                            $this->name(),
                            "The script says “{$term}” before its card explains it. Move the card forward, or say it in other words.",
                            $slide->id,
                            $said->id,
                        );

                        continue 3;
                    }
                }
            }
        }

        return $findings;
    }

    /**
     * @param  list<Slide>  $slides
     * @return list<array{string, int, int}> the term, and the numbers of its slide and of the step at which its card is there
     */
    private static function terms(LessonInspection $inspection, array $slides): array
    {
        $terms = [];
        foreach ($slides as $number => $slide) {
            foreach ($inspection->reports[$slide->id]->summary->terms as $term => $step) {
                $terms[] = [(string) $term, $number, $step];
            }
        }

        return $terms;
    }

    private static function says(string $script, string $term): bool
    {
        return preg_match('/(?<![\p{L}\p{N}])'.preg_quote($term, '/').'(?:e?s)?(?![\p{L}\p{N}])/iu', $script) === 1;
    }
}
