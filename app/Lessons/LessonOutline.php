<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;
use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Lesson\Part;
use Daybright\Lesson\Slide;
use Daybright\Timing\LessonTiming;

/** A lesson drawn as time, as far as it follows from its document: kept with the lesson, so that Home need not read every document. */
final class LessonOutline
{
    /** @return array{title: string, minutes: float, parts: list<array<string, mixed>>, pictures: list<array<string, mixed>>} seconds */
    public static function outline(Lesson $lesson): array
    {
        $timing = new LessonTiming($lesson);
        $slide = static fn (Slide $slide): array => [
            'id' => $slide->id,
            'title' => $slide->title,
            'side' => $slide->side,
            'planned' => round($timing->spoken($slide), 1),
            'work' => $timing->work($slide),
        ];
        $part = static fn (Part $part): array => [
            'id' => $part->id,
            'kind' => $part->kind->value,
            'slides' => array_map($slide, $part->slides),
        ];

        return [
            'title' => $lesson->title,
            'minutes' => $lesson->minutes,
            'parts' => array_map($part, $lesson->parts),
            'pictures' => array_values(array_map(
                self::picture(...),
                array_filter($lesson->media, static fn (Medium $medium): bool => $medium instanceof PictureMedium),
            )),
        ];
    }

    /** @return array<string, mixed> as the lesson document has it */
    private static function picture(PictureMedium $picture): array
    {
        return [
            'name' => $picture->name,
            'type' => $picture->type,
            'width' => $picture->width,
            'height' => $picture->height,
            'sha256' => $picture->sha256,
            'description' => $picture->description,
            'credit' => $picture->credit,
            'licence' => $picture->licence,
        ];
    }

    /**
     * What the daylight strip needs to know.
     *
     * @param  array{parts: list<array<string, mixed>>}  $outline
     * @param  array<string, float>  $recorded seconds that are kept of the chosen take, by slide id
     * @return list<array<string, mixed>> parts with their slides
     */
    public static function strip(array $outline, array $recorded): array
    {
        $seconds = static fn (string $slide): ?float => isset($recorded[$slide]) ? round($recorded[$slide], 1) : null;

        return array_map(static fn (array $part): array => [
            'slides' => array_map(static fn (array $slide): array => $slide + ['recorded' => $seconds($slide['id'])], $part['slides']),
        ] + $part, $outline['parts']);
    }
}
