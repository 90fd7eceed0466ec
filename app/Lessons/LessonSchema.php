<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Opis\JsonSchema\Validator;
use stdClass;

/**
 * Checks documents against the published schemas. Each block is checked against the schema of its own kind alone,
 * which says the same as “one of all kinds” and costs a tenth.
 */
final class LessonSchema
{
    private const BASE = 'https://daybright.invalid/schema/';

    private ?Validator $validator = null;

    /** @var array<string, stdClass> by the kind of block */
    private array $blocks = [];

    /**
     * @param  list<string>|null  $only ids of slides that may have changed; the others are known to be in order
     *
     * @throws InvalidLesson
     */
    public function check(LessonDocument $document, ?array $only = null): Lesson
    {
        $value = $document->jsonSerialize();
        if ($only !== null) {
            self::passOver($value, $only);
        }
        $this->against('lesson', $value, $value);
        foreach ($value->parts as $part => $each) {
            foreach ($each->slides as $slide => $shown) {
                foreach ($shown->blocks as $block => $content) {
                    $this->against("block/{$content->kind}", $content, $value, ['parts', $part, 'slides', $slide, 'blocks', $block]);
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
        $this->against('events', $events, $events);
    }

    /** @param  list<int|string>  $prefix where the value stands in the document */
    private function against(string $name, mixed $value, mixed $document, array $prefix = []): void
    {
        $error = $this->validator()->validate($value, self::BASE.$name.'.schema.json')->error();
        if ($error === null) {
            return;
        }
        $found = SchemaSentence::of($error, $document, $prefix);
        throw InvalidLesson::because($found->sentence, '/'.implode('/', $found->path));
    }

    private function validator(): Validator
    {
        if ($this->validator !== null) {
            return $this->validator;
        }
        $this->validator = new Validator;
        $resolver = $this->validator->resolver();
        $resolver?->registerFile(self::BASE.'events.schema.json', base_path('schema/events.schema.json'));
        $lesson = json_decode((string) file_get_contents(base_path('schema/lesson.schema.json')), flags: JSON_THROW_ON_ERROR);
        foreach ($lesson->{'$defs'}->block->oneOf as $kind) {
            $name = $kind->properties->kind->const;
            $this->blocks[$name] = $kind;
            $kind->{'$id'} = self::BASE."block/{$name}.schema.json";
            $kind->{'$defs'} = (object) ['id' => $lesson->{'$defs'}->id];
            $resolver?->registerRaw($kind);
        }
        $lesson->{'$defs'}->block = (object) ['type' => 'object', 'required' => ['kind'], 'properties' => (object) ['kind' => (object) ['enum' => array_keys($this->blocks)]]];
        $resolver?->registerRaw($lesson);

        return $this->validator;
    }

    /**
     * Puts an empty slide in the place of those that need no check: what comes after them keeps its place.
     *
     * @param  list<string>  $only
     */
    private static function passOver(stdClass $document, array $only): void
    {
        $checked = array_flip($only);
        foreach ($document->parts as $part) {
            foreach ($part->slides as $number => $slide) {
                if (! isset($checked[$slide->id])) {
                    $part->slides[$number] = (object) ['id' => $slide->id, 'title' => '', 'side' => false, 'arrangement' => 'whole', 'aims' => [], 'steps' => [(object) ['id' => 'step', 'script' => '', 'pause' => 0]], 'blocks' => []];
                }
            }
        }
    }
}
