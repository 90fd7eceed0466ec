<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\Slide;
use DomainException;
use stdClass;

/** A save that carries the slides that were changed; the others are named by their ids and taken from what is there. */
final readonly class LessonChange
{
    private const NOT_WHOLE = 'The change did not arrive whole. Load the page again.';

    /**
     * @param  stdClass  $whole the document with its objects and lists told apart
     * @param  array<stdClass>  $changed slides that came with it, by id
     * @param  array<stdClass>  $before slides as they were, by id
     * @param  bool  $sameFrame whether all but these slides is as it was
     */
    private function __construct(
        public LessonDocument $document,
        public stdClass $whole,
        private array $changed,
        private array $before,
        public bool $sameFrame,
    ) {
    }

    /**
     * @param  stdClass  $frame the document with an id in the place of every slide
     * @param  stdClass  $slides that were changed or are new, by id
     *
     * @throws DomainException when a slide is neither there nor brought along
     */
    public static function apply(LessonDocument $current, stdClass $frame, stdClass $slides): self
    {
        $before = [];
        $frameBefore = $current->jsonSerialize();
        foreach ($frameBefore->parts as $part) {
            $before += array_column($part->slides, null, 'id');
            $part->slides = array_column($part->slides, 'id');
        }
        $sameFrame = json_encode($frameBefore) === json_encode($frame);
        $changed = get_object_vars($slides);
        foreach ($changed as $id => $slide) {
            if (! $slide instanceof stdClass || ($slide->id ?? null) !== (string) $id) {
                throw new DomainException(self::NOT_WHOLE);
            }
        }
        $known = $changed + $before;
        foreach (is_array($frame->parts ?? null) ? $frame->parts : [] as $part) {
            if (! $part instanceof stdClass || ! is_array($part->slides ?? null)) {
                throw new DomainException(self::NOT_WHOLE);
            }
            $part->slides = array_map(
                static fn (mixed $id): mixed => $known[is_string($id) ? $id : ''] ?? throw new DomainException(
                    'A slide of this change is not there any more. Load the page again.',
                ),
                $part->slides,
            );
        }

        return new self(LessonDocument::from($frame), $frame, $changed, $before, $sameFrame);
    }

    /**
     * Slides that have to be painted anew.
     *
     * @return list<Slide>
     */
    public function slidesToPaint(LessonDocument $before): array
    {
        return $this->sameFrame
            ? array_values(array_filter($this->document->read()->slides(), fn (Slide $slide): bool => $this->isChanged($slide->id)))
            : $this->document->changedSince($before);
    }

    public function isChanged(string $slide): bool
    {
        return isset($this->changed[$slide]);
    }

    /** @return array<string, string> JSON of the blocks that the slide had, by their ids */
    public function blocksBefore(string $slide): array
    {
        return array_map(
            static fn (stdClass $block): string => (string) json_encode($block),
            array_column($this->before[$slide]->blocks ?? [], null, 'id'),
        );
    }
}
