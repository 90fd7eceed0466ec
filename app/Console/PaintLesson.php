<?php

declare(strict_types=1);

namespace App\Console;

use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\LessonView;
use Daybright\Deck\Format;
use Daybright\Deck\Looks;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use DomainException;
use stdClass;

/** The slides of a lesson from the shell, as they are composed and painted. */
class PaintLesson extends LessonJsonCommand
{
    protected $signature = 'lesson:paint {lesson? : id or title; without it a lesson document is read from standard input}
        {--page=wide : wide or tall}
        {--look= : another look than the lesson’s own}';

    protected $description = 'Compose and paint the slides of a lesson and write them as JSON';

    public function handle(SlidePainter $painter, LessonSchema $schema): int
    {
        $name = $this->argument('lesson');
        $document = is_string($name) ? $this->lesson($name)->document() : self::fromInput();
        $format = Format::tryFrom((string) $this->option('page')) ?? throw new DomainException('The page is “wide” or “tall”.');
        $lesson = self::inLook($document, $schema->check($document), (string) $this->option('look'));
        $slides = array_map(
            static fn (Slide $slide): array => self::painted($painter, $lesson, $slide, $format),
            $lesson->slides(),
        );
        $this->output->writeln((string) json_encode(
            ['slides' => $slides],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ));

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function painted(SlidePainter $painter, Lesson $lesson, Slide $slide, Format $format): array
    {
        $begun = hrtime(true);
        $scene = $painter->paint($lesson, $slide, $format);
        $took = (hrtime(true) - $begun) / 1e6;

        return [
            'id' => $slide->id,
            'composition' => $scene->composition,
            'boxes' => array_map(
                static fn (Box $box): array => array_map(
                    static fn (float $units): float => round($units, 1),
                    [$box->x, $box->y, $box->width, $box->height],
                ),
                $scene->boxes,
            ) ?: new stdClass,
            'overfull' => $scene->overfull,
            'problems' => $scene->problems ?: new stdClass,
            'milliseconds' => round($took, 2),
            'svg' => LessonView::svg($lesson, $scene, static fn (string $sha256): string => "picture:{$sha256}"),
        ];
    }

    private static function inLook(LessonDocument $document, Lesson $lesson, string $look): Lesson
    {
        if ($look === '') {
            return $lesson;
        }
        if (! in_array($look, Looks::names(), true)) {
            throw new DomainException('The looks are '.implode(', ', Looks::names()).'.');
        }

        return Lesson::from(['look' => $look] + $document->array());
    }
}
