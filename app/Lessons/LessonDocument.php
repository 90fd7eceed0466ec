<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use JsonSerializable;
use stdClass;

/**
 * A lesson document as JSON text: stored and given out as it came, so that {} stays {} and [] stays [].
 */
final class LessonDocument implements Castable, JsonSerializable
{
    /** What of a lesson no class ever sees. */
    private const FOR_THE_TEACHER = ['printed', 'setAside'];

    /** @var array<mixed>|null decoded once */
    private ?array $array = null;

    private ?Lesson $read = null;

    private function __construct(private readonly string $json)
    {
    }

    /** @param  array<mixed>|stdClass  $value in PHP’s own values, an empty object as (object) [] */
    public static function from(array|stdClass $value): self
    {
        return new self(json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        ));
    }

    /** @return array<mixed> for reading: an empty object is an empty array */
    public function array(): array
    {
        return $this->array ??= json_decode($this->json, true, 512, JSON_THROW_ON_ERROR);
    }

    public function title(): string
    {
        return $this->array()['title'];
    }

    /** @throws InvalidLesson */
    public function read(): Lesson
    {
        return $this->read ??= Lesson::from($this->array());
    }

    /** With one word replaced wherever it stands, such as the name of a picture's bytes. */
    public function withText(string $old, string $new): self
    {
        return new self(str_replace($old, $new, $this->json));
    }

    /** With another value of one of its own fields, such as its title. */
    public function with(string $field, string $value): self
    {
        $changed = $this->jsonSerialize();
        $changed->{$field} = $value;

        return self::from($changed);
    }

    /**
     * Slides that are not in another document just so, or that stand in another part of it; with another typeface, look or picture
     * any may look different.
     *
     * @return list<Slide>
     */
    public function changedSince(self $before): array
    {
        $old = self::bySlide($before->array());
        $new = self::bySlide($this->array());
        $same = fn (string $field): bool => ($before->array()[$field] ?? null) === ($this->array()[$field] ?? null);
        $everything = ! $same('media') || ! $same('typeface') || ! $same('look');

        return array_values(array_filter(
            $this->read()->slides(),
            static fn (Slide $slide): bool => $everything || ($old[$slide->id] ?? null) !== $new[$slide->id],
        ));
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, array<mixed>> each with the kind of its part
     */
    private static function bySlide(array $document): array
    {
        $slides = [];
        foreach ($document['parts'] as $part) {
            foreach ($part['slides'] as $slide) {
                $slides[$slide['id']] = [$part['kind'], $slide];
            }
        }

        return $slides;
    }

    /** “2.50” is another text than “2.5”. */
    public function isSameAs(self $other): bool
    {
        return $this->json === $other->json;
    }

    /** Whether a class would see the same of it. */
    public function isSeenAs(self $other): bool
    {
        $seen = static fn (self $document): array => array_diff_key($document->array(), array_flip(self::FOR_THE_TEACHER));

        return $this->isSameAs($other) || $seen($this) === $seen($other);
    }

    public function jsonSerialize(): stdClass
    {
        return json_decode($this->json, false, 512, JSON_THROW_ON_ERROR);
    }

    public function __toString(): string
    {
        return $this->json;
    }

    /**
     * @param  array<mixed>  $arguments
     * @return CastsAttributes<self, self>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class implements CastsAttributes
        {
            public function get($model, string $key, mixed $value, array $attributes): LessonDocument
            {
                return LessonDocument::kept($value);
            }

            public function set($model, string $key, mixed $value, array $attributes): string
            {
                return (string) $value;
            }
        };
    }

    /** As it stands in the database. */
    public static function kept(string $json): self
    {
        return new self($json);
    }
}
