<?php

declare(strict_types=1);

namespace App\Demo;

use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\LessonStore;
use App\Library\DrawingDesk;
use App\Media\MediaStore;
use App\Models\Lesson;
use App\Models\User;

/** The demo's lessons, with their pictures. */
final readonly class DemoLessons
{
    public function __construct(
        private LessonStore $store,
        private LessonSchema $schema,
        private MediaStore $media,
        private DrawingDesk $library,
    ) {
    }

    /** @return array<string, mixed> the document, its pictures kept for this teacher */
    public function document(User $teacher, string $file): array
    {
        $document = require database_path("demo/{$file}.php");
        foreach ((array) $document['media'] as $id => $medium) {
            $document['media']->$id = isset($medium['library'])
                ? $this->library->take($teacher, $medium['library'])
                : $this->ownPicture($teacher, $medium);
        }

        return $document;
    }

    /**
     * @param  array<string, string>  $medium
     * @return array<string, mixed>
     */
    private function ownPicture(User $teacher, array $medium): array
    {
        $kept = $this->media->bringIn($teacher, database_path('demo/'.$medium['file']), $medium['file']);
        unset($medium['file']);

        return [...$kept, ...$medium];
    }

    /** @param  array<string, mixed>  $fields of the lesson: its series and place */
    public function add(User $teacher, string $file, array $fields = []): Lesson
    {
        $document = LessonDocument::from($this->document($teacher, $file));
        $this->schema->check($document);

        return $this->store->create(new Lesson(['user_id' => $teacher->id] + $fields), $document);
    }
}
