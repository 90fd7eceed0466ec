<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Closure;
use Daybright\Block\Blocks;
use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;

/** Every equality written on a slide or in a script, with where it stands. */
final class Sums
{
    /**
     * @param  Closure(Equality): bool  $wanted
     * @return list<Finding>
     */
    public static function findings(string $rule, Inspection $inspection, Closure $wanted): array
    {
        $findings = [];
        foreach ($inspection->lesson->slides() as $slide) {
            $facts = SlideFacts::of($slide);
            foreach ($slide->blocks as $block) {
                foreach (Blocks::read($block)->statements() as $statement) {
                    $text = PlainWords::filled($statement->text, $facts);
                    foreach (array_filter(EqualityChecker::check($text), $wanted) as $equality) {
                        $findings[] = Finding::ofBlock($rule, $equality->sentence, $slide->id, $block->id, $statement->field);
                    }
                }
            }
            foreach ($slide->steps as $step) {
                foreach (array_filter(EqualityChecker::check($step->script), $wanted) as $equality) {
                    $findings[] = Finding::ofStep($rule, 'In the script: '.$equality->sentence, $slide->id, $step->id);
                }
            }
        }

        return $findings;
    }
}
