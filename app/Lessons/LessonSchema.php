<?php

namespace App\Lessons;

use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Opis\JsonSchema\Validator;

/** Checks documents against the published schemas. */
final class LessonSchema
{
    private const BASE = 'https://daybright.invalid/schema/';

    private Validator $validator;

    public function __construct()
    {
        $this->validator = new Validator;
        foreach (['lesson', 'events'] as $name) {
            $this->validator->resolver()->registerFile(self::BASE.$name.'.schema.json', base_path("schema/{$name}.schema.json"));
        }
    }

    /** @throws InvalidLesson */
    public function check(LessonDocument $document): Lesson
    {
        $this->against('lesson', $document->jsonSerialize());

        return $document->read();
    }

    /**
     * @param  mixed  $events decoded with its objects
     *
     * @throws InvalidLesson
     */
    public function checkEvents(mixed $events): void
    {
        $this->against('events', $events);
    }

    private function against(string $name, mixed $value): void
    {
        $error = $this->validator->validate($value, self::BASE.$name.'.schema.json')->error();
        if ($error === null) {
            return;
        }
        $found = SchemaSentence::of($error, $value);
        throw InvalidLesson::because($found->sentence, '/'.implode('/', $found->path));
    }
}
