<?php

declare(strict_types=1);

namespace App\Formats;

use App\Lessons\LessonDocument;
use App\Media\CheckedFile;

/** What was read from a file: a whole lesson, checked, and not kept yet. */
final readonly class ImportedLesson
{
    /**
     * @param  LessonDocument  $document in order by the schema, and drawable
     * @param  list<CheckedFile>  $media
     * @param  list<array{fields: array<string, mixed>, sound: string}>  $takes fields of the model, and the path of a temporary file
     * @param  list<string>  $findings what was left out or changed on the way, a sentence each
     * @param  list<SlideChoice>  $choices of slides that can be kept in another way
     */
    public function __construct(
        public LessonDocument $document,
        public array $media = [],
        public array $takes = [],
        public array $findings = [],
        public array $choices = [],
    ) {
    }
}
