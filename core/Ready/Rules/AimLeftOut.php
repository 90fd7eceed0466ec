<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\Aim;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** An aim that is never explained or shown, or never practised. */
final readonly class AimLeftOut implements LessonRule
{
    private const EXPLAINED = [PartKind::Opening, PartKind::Explain, PartKind::Example];

    private const PRACTISED = [PartKind::Example, PartKind::YourTurn];

    public function name(): string
    {
        return 'aim-left-out';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $lesson = $inspection->lesson;
        $findings = [];
        foreach ($lesson->aims as $aim) {
            if (trim($aim->text) === '' || ! self::isServed($lesson, $aim, PartKind::cases())) {
                continue;
            }
            if (! self::isServed($lesson, $aim, self::EXPLAINED)) {
                $findings[] = Finding::ofLesson(
                    $this->name(),
                    "The aim “{$aim->text}” is never explained or shown. Add a slide that serves it under Explain or Example.",
                );
            } elseif (! self::isServed($lesson, $aim, self::PRACTISED)) {
                $findings[] = Finding::ofLesson(
                    $this->name(),
                    "The aim “{$aim->text}” is never practised. Let an Example or a Your turn serve it before it is checked.",
                );
            }
        }

        return $findings;
    }

    /** @param  list<PartKind>  $parts */
    private static function isServed(Lesson $lesson, Aim $aim, array $parts): bool
    {
        foreach ($lesson->slides() as $slide) {
            if (in_array($slide->part, $parts, true) && in_array($aim->id, $slide->aims, true)) {
                return true;
            }
        }

        return false;
    }
}
