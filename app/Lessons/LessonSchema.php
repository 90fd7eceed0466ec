<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Opis\JsonSchema\Validator;
use stdClass;

/**
 * Checks documents against the published schemas. Each slide, block and medium is checked by itself, a block or medium against the
 * schema of its own kind alone: this says the same as “one of all kinds”, costs a tenth, and leaves out what has not changed.
 */
final class LessonSchema
{
    private const BASE = 'https://daybright.invalid/schema/';

    private ?Validator $validator = null;

    /** @var array<string, stdClass> by name, those that nothing was checked against yet */
    private array $waiting = [];

    private ?stdClass $parts = null;

    /** @throws InvalidLesson */
    public function check(LessonDocument $document): Lesson
    {
        $whole = $document->jsonSerialize();
        $this->checkFrame($whole);
        foreach (self::slides($whole) as [$path, $slide]) {
            $this->checkSlide($slide, $whole, $path);
        }

        return $document->read();
    }

    /**
     * The same where the document was in order before: what has not changed is in order still.
     *
     * @throws InvalidLesson
     */
    public function checkChange(LessonChange $change): Lesson
    {
        $whole = $change->whole;
        if (! $change->sameFrame) {
            $this->checkFrame($whole);
        }
        foreach (self::slides($whole) as [$path, $slide]) {
            if ($change->isChanged($slide->id)) {
                $this->checkSlide($slide, $whole, $path, $change->blocksBefore($slide->id));
            }
        }

        return $change->document->read();
    }

    /** @return iterable<array{list<int|string>, stdClass}> each with its path in the document */
    private static function slides(stdClass $document): iterable
    {
        foreach ($document->parts as $part => $each) {
            foreach ($each->slides as $number => $slide) {
                yield [['parts', $part, 'slides', $number], $slide];
            }
        }
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

    /** @throws InvalidLesson */
    public function checkArchivedTake(stdClass $take): void
    {
        $this->against('take', $take, $take);
    }

    /** What stands around the slides, how many there are, and the media. */
    private function checkFrame(stdClass $document): void
    {
        $this->against('lesson', $document, $document);
        foreach (get_object_vars($document->media) as $id => $medium) {
            $this->against('medium/'.$medium->type, $medium, $document, ['media', $id]);
        }
    }

    /**
     * @param  list<int|string>  $path of the slide in the document
     * @param  array<string, string>  $inOrder JSON of blocks that are known to be in order, by their ids
     */
    private function checkSlide(stdClass $slide, stdClass $document, array $path, array $inOrder = []): void
    {
        $this->against('slide', $slide, $document, $path);
        foreach ($slide->blocks as $number => $block) {
            if (! is_string($block->id ?? null) || ($inOrder[$block->id] ?? null) !== json_encode($block)) {
                $this->against("block/{$block->kind}", $block, $document, [...$path, 'blocks', $number]);
            }
        }
    }

    /**
     * @param  mixed  $document that the value stands in
     * @param  list<int|string>  $path of the value in it
     */
    private function against(string $name, mixed $value, mixed $document, array $path = []): void
    {
        $validator = $this->validator();
        $this->register($name);
        $error = $validator->validate($value, self::BASE.$name.'.schema.json')->error();
        if ($error === null) {
            return;
        }
        $found = SchemaSentence::explain($error, $document, $path);
        throw InvalidLesson::because($found->sentence, '/'.implode('/', $found->path));
    }

    private function validator(): Validator
    {
        if ($this->validator !== null) {
            return $this->validator;
        }
        $this->validator = $validator = new Validator;
        $resolver = $validator->resolver();
        foreach (['events', 'take'] as $name) {
            $resolver?->registerFile(self::BASE."{$name}.schema.json", base_path("schema/{$name}.schema.json"));
        }
        $lesson = json_decode((string) file_get_contents(base_path('schema/lesson.schema.json')), flags: JSON_THROW_ON_ERROR);
        $this->parts = $parts = $lesson->{'$defs'};
        foreach (['block' => 'kind', 'medium' => 'type'] as $what => $field) {
            $names = [];
            foreach ($parts->$what->oneOf as $kind) {
                $own = $kind->properties->$field->enum ?? [$kind->properties->$field->const];
                foreach ($own as $name) {
                    $this->waiting["{$what}/{$name}"] = $kind;
                }
                array_push($names, ...$own);
            }
            $parts->$what = self::objectWith((object) [$field => (object) ['enum' => $names]]);
        }
        $this->waiting['slide'] = $parts->slide;
        $parts->slide = self::objectWith((object) ['id' => (object) ['type' => 'string']]);
        $resolver?->registerRaw($lesson);

        return $validator;
    }

    /** Reading a schema takes longer than checking against it: each is read when it is first needed, with what it refers to alone. */
    private function register(string $name): void
    {
        if (! isset($this->waiting[$name]) || $this->parts === null) {
            return;
        }
        $whole = clone $this->waiting[$name];
        $whole->{'$defs'} = self::referredTo($whole, $this->parts);
        $this->validator?->resolver()?->registerRaw($whole, self::BASE."{$name}.schema.json");
        unset($this->waiting[$name]);
    }

    private static function referredTo(stdClass $schema, stdClass $parts): stdClass
    {
        $needed = new stdClass;
        $unread = [$schema];
        while ($unread !== []) {
            preg_match_all('~#/\$defs/(\w+)~', (string) json_encode(array_pop($unread), JSON_UNESCAPED_SLASHES), $names);
            foreach (array_unique($names[1]) as $name) {
                if (! isset($needed->$name)) {
                    $needed->$name = $unread[] = $parts->$name;
                }
            }
        }

        return $needed;
    }

    /** The schema of an object that is looked at more closely by a schema of its own. */
    private static function objectWith(stdClass $properties): stdClass
    {
        return (object) ['type' => 'object', 'required' => array_keys(get_object_vars($properties)), 'properties' => $properties];
    }
}
