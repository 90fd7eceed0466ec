<?php

declare(strict_types=1);

namespace App\Lessons;

use Closure;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Opis\JsonSchema\Validator;
use stdClass;

/**
 * Checks documents against the published schemas. Each block and each medium is checked against the schema of its own kind
 * alone, which says the same as “one of all kinds” and costs a tenth.
 */
final class LessonSchema
{
    private const BASE = 'https://daybright.invalid/schema/';

    private ?Validator $validator = null;

    /**
     * @param  list<string>|null  $only ids of slides that may have changed; the others are known to be in order
     *
     * @throws InvalidLesson
     */
    public function check(LessonDocument $document, ?array $only = null): Lesson
    {
        $whole = $document->jsonSerialize();
        if ($only === null) {
            $this->against('lesson', $whole, $whole, static fn (array $path): array => $path);
        }
        $kept = array_map(
            static fn (stdClass $part): array => array_keys(array_filter(
                $part->slides,
                static fn (mixed $slide): bool => $only === null || in_array($slide->id ?? null, $only, true),
            )),
            $whole->parts,
        );
        // Where something stands in what is checked, and where it stands in the whole document.
        $place = static fn (array $path): array => ($path[0] ?? '') === 'parts' && isset($path[3])
            ? array_replace($path, [3 => $kept[$path[1]][$path[3]] ?? $path[3]])
            : $path;
        $value = $only === null ? $whole : self::part($whole, $kept);
        if ($only !== null) {
            $this->against('lesson', $value, $whole, $place);
        }
        foreach (get_object_vars($value->media) as $id => $medium) {
            $this->against(
                'medium/'.$medium->type,
                $medium,
                $whole,
                static fn (array $path): array => ['media', $id, ...$path],
            );
        }
        foreach ($value->parts as $part => $each) {
            foreach ($each->slides as $slide => $shown) {
                foreach ($shown->blocks as $block => $content) {
                    $this->against(
                        "block/{$content->kind}",
                        $content,
                        $whole,
                        static fn (array $path): array => $place(['parts', $part, 'slides', $slide, 'blocks', $block, ...$path]),
                    );
                }
            }
        }

        return $document->read();
    }

    /**
     * @param  mixed  $events decoded with its objects
     *
     * @throws InvalidLesson
     */
    public function checkEvents(mixed $events): void
    {
        $this->against('events', $events, $events, static fn (array $path): array => $path);
    }

    /** @throws InvalidLesson */
    public function checkArchivedTake(stdClass $take): void
    {
        $this->against('take', $take, $take, static fn (array $path): array => $path);
    }

    /** @param  Closure(array<int|string>): array<int|string>  $place where something in the value stands in the document */
    private function against(string $name, mixed $value, mixed $document, Closure $place): void
    {
        $error = $this->validator()->validate($value, self::BASE.$name.'.schema.json')->error();
        if ($error === null) {
            return;
        }
        $found = SchemaSentence::explain($error, $document, $place);
        throw InvalidLesson::because($found->sentence, '/'.implode('/', $found->path));
    }

    private function validator(): Validator
    {
        if ($this->validator !== null) {
            return $this->validator;
        }
        $this->validator = new Validator;
        $resolver = $this->validator->resolver();
        foreach (['events', 'take'] as $name) {
            $resolver?->registerFile(self::BASE."{$name}.schema.json", base_path("schema/{$name}.schema.json"));
        }
        $lesson = json_decode((string) file_get_contents(base_path('schema/lesson.schema.json')), flags: JSON_THROW_ON_ERROR);
        foreach (['block' => 'kind', 'medium' => 'type'] as $what => $field) {
            $names = [];
            foreach ($lesson->{'$defs'}->$what->oneOf as $kind) {
                $own = $kind->properties->$field->enum ?? [$kind->properties->$field->const];
                $kind->{'$defs'} = (object) ['id' => $lesson->{'$defs'}->id];
                foreach ($own as $name) {
                    $resolver?->registerRaw($kind, self::BASE."{$what}/{$name}.schema.json");
                }
                array_push($names, ...$own);
            }
            $lesson->{'$defs'}->$what = (object) [
                'type' => 'object',
                'required' => [$field],
                'properties' => (object) [$field => (object) ['enum' => $names]],
            ];
        }
        $resolver?->registerRaw($lesson);

        return $this->validator;
    }

    /**
     * The document with the slides that are to be checked and no others.
     *
     * @param  array<list<int|string>>  $kept places of slides, by part
     */
    private static function part(stdClass $document, array $kept): stdClass
    {
        $part = clone $document;
        $part->parts = array_map(static function (stdClass $part, array $places): stdClass {
            $part = clone $part;
            $part->slides = array_map(static fn (int|string $place): mixed => $part->slides[$place], $places);

            return $part;
        }, $document->parts, $kept);

        return $part;
    }
}
