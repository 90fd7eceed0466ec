<?php

declare(strict_types=1);

namespace Daybright\Lesson;

use Daybright\Lesson\Media\Media;
use Daybright\Lesson\Media\Medium;

/** One lesson document, read and checked for what the schema cannot say. */
final readonly class Lesson
{
    public const FORMAT = 'daybright-lesson';

    public const VERSION = 1;

    /**
     * @param  float  $minutes planned length
     * @param  float  $pace words a minute at which the teacher speaks
     * @param  list<Aim>  $aims
     * @param  list<Part>  $parts
     * @param  array<string, Medium>  $media by id
     * @param  int|null  $readingYear school year in which the class reads; null when it is not said
     * @param  list<Fields>  $handout practice sets to print
     * @param  array<string, string>  $setAside why findings of the ready check are left as they are, by their ids
     * @param  list<string>  $materials that students need
     * @param  list<string>  $keyWords
     * @param  string  $language in which it is told (ISO 639-1)
     * @param  array<string, bool>  $printed whether a slide is printed always or never, by its id; others when they ask
     * @param  string  $look name of the look of its slides; empty where none was chosen
     */
    private function __construct(
        public string $title,
        public float $minutes,
        public float $pace,
        public string $typeface,
        public array $aims,
        public array $parts,
        public array $media,
        public ?int $readingYear,
        public array $handout,
        public array $setAside,
        public array $materials,
        public array $keyWords,
        public array $printed,
        public string $look,
        public string $language,
    ) {
    }

    /**
     * @param  array<mixed>  $document
     *
     * @throws InvalidLesson
     */
    public static function from(array $document): self
    {
        $fields = new Fields($document);
        $media = [];
        foreach ($fields->fields('media')->names() as $id) {
            $media[$id] = Media::read($id, $fields->fields('media')->fields($id));
        }
        $lesson = new self(
            $fields->text('title'),
            $fields->number('minutes'),
            $fields->number('pace', 130),
            $fields->text('typeface', 'lexend'),
            array_map(Aim::from(...), $fields->list('aims')),
            array_map(Part::from(...), $fields->list('parts')),
            $media,
            isset($document['readingYear']) ? $fields->whole('readingYear') : null,
            $fields->list('handout'),
            self::reasons($fields->list('setAside')),
            $fields->texts('materials'),
            $fields->texts('keyWords'),
            self::printed($fields->list('printed')),
            $fields->text('look', ''),
            $fields->text('language', 'en'),
        );
        $lesson->refuseRepeatedIds();

        return $lesson;
    }

    /**
     * @param  list<Fields>  $setAside
     * @return array<string, string>
     */
    private static function reasons(array $setAside): array
    {
        $reasons = [];
        foreach ($setAside as $each) {
            $reasons[$each->text('finding')] = $each->text('reason', '');
        }

        return $reasons;
    }

    /**
     * @param  list<Fields>  $slides
     * @return array<string, bool>
     */
    private static function printed(array $slides): array
    {
        $printed = [];
        foreach ($slides as $each) {
            $printed[$each->text('slide')] = $each->flag('always');
        }

        return $printed;
    }

    /** @return list<Slide> in the order of the lesson, side slides where they stand */
    public function slides(): array
    {
        return array_merge(...array_map(static fn (Part $part): array => $part->slides, $this->parts));
    }

    /** @return list<Slide> */
    public function mainSlides(): array
    {
        return array_values(array_filter($this->slides(), static fn (Slide $slide): bool => ! $slide->side));
    }

    public function slide(string $id): ?Slide
    {
        foreach ($this->slides() as $slide) {
            if ($slide->id === $id) {
                return $slide;
            }
        }

        return null;
    }

    private function refuseRepeatedIds(): void
    {
        $seen = [];
        foreach ($this->slides() as $slide) {
            $ids = [
                $slide->id,
                ...array_map(static fn (Step $step): string => $step->id, $slide->steps),
                ...array_map(static fn (Block $block): string => $block->id, $slide->blocks),
            ];
            foreach ($ids as $id) {
                if (isset($seen[$id])) {
                    throw InvalidLesson::repeatedId($id);
                }
                $seen[$id] = true;
            }
        }
    }
}
