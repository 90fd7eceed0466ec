<?php

declare(strict_types=1);

namespace App\Bench;

use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use App\Models\User;
use stdClass;

/** A lesson of one slide with a curve that can be turned. */
final class CurveLesson
{
    public const BLOCK = 'graph';

    public static function begin(LessonStore $store, User $teacher): Lesson
    {
        $document = BlankLesson::document(['title' => 'A curve to turn'])->jsonSerialize();
        $slide = $document->parts[0]->slides[0];
        $slide->blocks = [(object) [
            'id' => self::BLOCK, 'kind' => 'figure', 'region' => 'main', 'step' => $slide->steps[0]->id, 'reveals' => new stdClass,
            'content' => ['figure' => 'function-graph', 'quantities' => ['functions' => 'x² − 2x − 3', 'from' => '-3', 'to' => '5']],
        ]];

        return $store->create(new Lesson(['user_id' => $teacher->id]), LessonDocument::from($document));
    }
}
