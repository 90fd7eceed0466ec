<?php

declare(strict_types=1);

namespace App\Lessons;

use DomainException;
use stdClass;

/** A save that carries the slides that were changed; the others are named by their ids and taken from what is there. */
final readonly class LessonChange
{
    private const NOT_WHOLE = 'The change did not arrive whole. Load the page again.';

    /**
     * @param  list<string>  $changed ids of the slides that came with it
     * @param  bool  $sameFrame whether all but these slides is as it was
     */
    private function __construct(public LessonDocument $document, public array $changed, public bool $sameFrame)
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
        $before = $current->jsonSerialize();
        foreach ($before->parts as $part) {
            $known += array_column($part->slides, null, 'id');
            $part->slides = array_column($part->slides, 'id');
        }
        $sameFrame = json_encode($before) === json_encode($frame);
        foreach (get_object_vars($slides) as $id => $slide) {
            if (! $slide instanceof stdClass || ($slide->id ?? null) !== (string) $id) {
                throw new DomainException(self::NOT_WHOLE);
            }
            $known[$id] = $slide;
        }
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

        return new self(LessonDocument::from($frame), array_map(strval(...), array_keys(get_object_vars($slides))), $sameFrame);
    }
}
