<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Deck\Looks;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;

/** A slide of a lesson in every look, to choose from. */
final readonly class LookPreviews
{
    public function __construct(private SlidePainter $painter)
    {
    }

    /** @return list<array{name: string, label: string, sentence: string, svg: string}>|null null where there is no such slide */
    public function of(LessonDocument $document, string $id): ?array
    {
        $previews = [];
        foreach (Looks::CATALOGUE as $look) {
            $lesson = Lesson::from(['look' => $look::name()] + $document->array());
            $slide = $lesson->slide($id);
            if ($slide === null) {
                return null;
            }
            $previews[] = [
                'name' => $look::name(),
                'label' => $look::label(),
                'sentence' => $look::sentence(),
                'svg' => LessonView::svg(
                    $lesson,
                    $this->painter->paint($lesson, $slide),
                    static fn (string $sha256): string => '/api/media/'.$sha256,
                ),
            ];
        }

        return $previews;
    }
}
