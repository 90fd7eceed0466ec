<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** A stretch of the lesson with one teaching purpose. */
final readonly class Part
{
    /** @param  list<Slide>  $slides */
    public function __construct(public string $id, public PartKind $kind, public array $slides)
    {
    }

    public static function from(Fields $fields): self
    {
        $kind = PartKind::tryFrom($fields->text('kind'))
            ?? throw InvalidLesson::wrongKind($fields->at('kind'), 'one of the eight parts of a lesson');

        return new self(
            $fields->text('id'),
            $kind,
            array_map(static fn (Fields $slide): Slide => Slide::from($slide, $kind), $fields->list('slides')),
        );
    }
}
