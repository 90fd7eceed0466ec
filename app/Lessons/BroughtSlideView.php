<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Formats\BroughtSlides\LookedPage;
use App\Media\MediaStore;
use App\Models\BroughtSlide;
use App\Models\MediaFile;
use App\Models\User;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use DomainException;
use stdClass;

/** A slide that came in, both ways: to look at, and to put into the lesson. */
final readonly class BroughtSlideView
{
    public function __construct(private SlidePainter $painter, private MediaStore $media)
    {
    }

    /** @return array<string, mixed> */
    public function of(LessonDocument $document, BroughtSlide $brought): array
    {
        return [
            'slide' => $brought->slide,
            'number' => $brought->number,
            'left' => $brought->left,
            'blocks' => $this->way($document, $brought->blocks),
            'looked' => $brought->drawing === ''
                ? $this->way($document, $brought->looked)
                : $this->change($brought->looked) + ['svg' => LookedPage::with($brought->drawing, self::address(...))],
        ];
    }

    /**
     * With the picture of its page, which is made when it is wanted first.
     *
     * @return array{slide: stdClass, media: stdClass}
     *
     * @throws DomainException when it cannot be drawn
     */
    public function looked(User $teacher, BroughtSlide $brought): array
    {
        if ($brought->drawing !== '') {
            $looked = $brought->looked;
            $medium = Files::tidily(fn (): array => $this->media->bringIn(
                $teacher,
                LookedPage::picture($brought->drawing, MediaFile::dataAddress(...)) ?? throw new DomainException(
                    'This slide cannot be kept as it looked. Save the slides as PDF where they were made, and bring that in beside them.',
                ),
                "Slide {$brought->number}",
            ));
            $looked->media->{$looked->slide->blocks[0]->content->medium} = (object) (['description' => $brought->description] + $medium);
            $brought->update(['looked' => $looked, 'drawing' => '']);
        }

        return $this->change($brought->looked);
    }

    /** @return array{slide: stdClass, media: stdClass, svg: string} */
    private function way(LessonDocument $document, stdClass $way): array
    {
        $around = $document->array();
        $slide = json_decode(json_encode($way->slide, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $media = json_decode(json_encode($way->media, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $lesson = Lesson::from([
            'parts' => [['id' => 'part', 'kind' => 'explain', 'slides' => [$slide]]],
            'media' => $media,
            'aims' => [],
        ] + $around);
        $scene = $this->painter->paint($lesson, $lesson->slides()[0]);

        return $this->change($way) + ['svg' => LessonView::svg($lesson, $scene, self::address(...))];
    }

    /** @return array{slide: stdClass, media: stdClass} */
    private function change(stdClass $way): array
    {
        return ['slide' => $way->slide, 'media' => $way->media];
    }

    private static function address(string $sha256): string
    {
        return "/api/media/{$sha256}";
    }
}
