<?php

declare(strict_types=1);

namespace App\Lessons;

use DomainException;
use stdClass;

/** A save that carries the slides that were changed; the others are named by their ids and taken from what is there. */
final readonly class LessonChange
{
    /** @param  list<string>  $changed ids of the slides that came with it */
    private function __construct(public LessonDocument $document, public array $changed)
    {
    }

    /**
     * @param  stdClass  $frame the document with an id in the place of every slide
     * @param  stdClass  $slides that were changed or are new, by id
     *
     * @throws DomainException when a slide is neither there nor brought along
     */
    public static function apply(LessonDocument $current, stdClass $frame, stdClass $slides): self
    {
        $known = [];
        foreach ($current->jsonSerialize()->parts as $part) {
            foreach ($part->slides as $slide) {
                $known[$slide->id] = $slide;
            }
        }
        $known = get_object_vars($slides) + $known;
        foreach (is_array($frame->parts ?? null) ? $frame->parts : [] as $part) {
            if (! $part instanceof stdClass || ! is_array($part->slides ?? null)) {
                throw new DomainException('The change did not arrive whole. Load the page again.');
            }
            $part->slides = array_map(
                static fn (mixed $id): mixed => $known[is_string($id) ? $id : ''] ?? throw new DomainException(
                    'A slide of this change is not there any more. Load the page again.',
                ),
                $part->slides,
            );
        }

        return new self(LessonDocument::from($frame), array_map(strval(...), array_keys(get_object_vars($slides))));
    }
}
