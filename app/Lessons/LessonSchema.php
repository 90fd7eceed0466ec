<?php

namespace App\Lessons;

use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
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

    /**
     * @param  array<mixed>  $document
     *
     * @throws InvalidLesson
     */
    public function check(array $document): Lesson
    {
        $this->against('lesson', $document);

        return Lesson::from($document);
    }

    /**
     * @param  array<mixed>  $events
     *
     * @throws InvalidLesson
     */
    public function checkEvents(array $events): void
    {
        $this->against('events', $events);
    }

    /** @param  array<mixed>  $value */
    private function against(string $name, array $value): void
    {
        $json = json_decode(json_encode(self::withObjects($value), JSON_THROW_ON_ERROR));
        $result = $this->validator->validate($json, self::BASE.$name.'.schema.json');
        if ($result->isValid()) {
            return;
        }
        $error = self::deepest($result->error());
        $pointer = '/'.implode('/', $error->data()->fullPath());
        $place = $error->data()->fullPath() === [] ? 'The lesson' : 'The lesson at “'.implode(' › ', $error->data()->fullPath()).'”';
        throw InvalidLesson::because($place.' is not in order: '.(new ErrorFormatter)->formatErrorMessage($error).'.', $pointer);
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        $best = $error;
        foreach ($error->subErrors() as $inner) {
            $deeper = self::deepest($inner);
            if (count($deeper->data()->fullPath()) > count($best->data()->fullPath())) {
                $best = $deeper;
            }
        }

        return $best;
    }

    /**
     * PHP reads {} as an empty list; where the schema wants an object it must be written as one again.
     *
     * @param  array<mixed>  $value
     */
    public static function withObjects(array $value): mixed
    {
        $objects = ['media', 'reveals', 'content', 'quantities', 'marks'];
        foreach ($value as $key => $item) {
            if (is_array($item)) {
                $value[$key] = $item === [] && in_array($key, $objects, true) ? new \stdClass : self::withObjects($item);
            }
        }

        return $value;
    }
}
