<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\LessonView;
use App\Lessons\PaintedSlides;
use Daybright\Deck\Shape;
use Daybright\Deck\Shapes;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\PartKind;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use PHPUnit\Framework\Attributes\DataProvider;

class ShapeTest extends TestCase
{
    /** A green picture, four to three. */
    private const PICTURE = 'data:image/svg+xml;base64,PHN2ZyB4bWxucz0iaHR0cDovL3d3dy53My5vcmcvMjAwMC9zdmciIHZpZXdCb3g9IjAgMCA0IDMiPjxyZWN0IHdpZHRoPSI0IiBoZWlnaHQ9IjMiIGZpbGw9IiMzYjdhNGIiLz48L3N2Zz4=';

    /** What is still to be written where a lesson has only begun. */
    private const TO_BE_WRITTEN = ['empty-script', 'unfinished'];

    /** @return iterable<string, array{class-string<Shape>}> */
    public static function shapes(): iterable
    {
        foreach (Shapes::CATALOGUE as $shape) {
            yield $shape::name() => [$shape];
        }
    }

    /** @param  class-string<Shape>  $shape */
    #[DataProvider('shapes')]
    public function test_a_lesson_begins_with_it_and_can_be_drawn_and_filled(string $shape): void
    {
        $document = self::begun($shape);
        app(LessonSchema::class)->check($document);
        $lesson = $document->read();
        $slides = $lesson->slides();
        $this->assertCount(count($shape::slides()) + 1, $slides);
        foreach ([PartKind::Opening, PartKind::Aims, PartKind::YourTurn, PartKind::Recap, PartKind::ExitCheck] as $part) {
            $this->assertContains($part, array_map(static fn ($slide): PartKind => $slide->part, $slides), $part->value);
        }
        foreach (app(PaintedSlides::class)->viewsOrTroubles($document, $slides) as $id => $view) {
            $shown = json_decode($view, true);
            $this->assertSame([], $shown['problems'], "{$id}: {$view}");
            $this->assertSame([], $shown['overfull'], $id);
        }
        $found = array_map(static fn (Finding $finding): string => $finding->rule, app(ReadyCheck::class)->of($lesson));
        $this->assertSame([], array_values(array_diff($found, self::TO_BE_WRITTEN)), 'The ready check cries wolf.');
        // Whatever is asked has its answer at a later step, and every slide but the first has something to fill.
        foreach (array_slice($slides, 1) as $slide) {
            $this->assertNotSame([], $slide->blocks, $slide->title);
            foreach ($slide->blocks as $block) {
                if (isset($block->reveals['answer'])) {
                    $this->assertGreaterThan($slide->stepNumber($block->step), $slide->stepNumber($block->reveals['answer']));
                }
            }
        }
    }

    /** The bounds are those of the demo's slides. */
    public function test_filled_with_ordinary_words_the_slides_of_all_shapes_use_their_room(): void
    {
        $empty = $boxes = [];
        foreach (Shapes::CATALOGUE as $shape) {
            $filled = self::filled(self::begun($shape));
            app(LessonSchema::class)->check($filled);
            $lesson = $filled->read();
            foreach (array_slice($lesson->slides(), 1) as $slide) {
                $scene = app(SlidePainter::class)->paint($lesson, $slide);
                $this->assertSame([[], []], [$scene->overfull, $scene->problems], $shape::label().': '.$slide->title);
                $drawn = RenderedSlide::draw(LessonView::svg($lesson, $scene, static fn (): string => self::PICTURE));
                $empty[] = $drawn->largestEmptyRectangle();
                $boxes[] = $drawn->contentBox();
            }
        }
        $this->assertGreaterThan(60, count($empty));
        $this->assertLessThanOrEqual(0.18, RenderedSlide::quantile($empty, 0.5), 'largest empty rectangle, at the median');
        $this->assertLessThanOrEqual(0.35, RenderedSlide::quantile($empty, 0.9), 'largest empty rectangle, at the ninetieth percentile');
        $this->assertGreaterThanOrEqual(0.75, RenderedSlide::quantile($boxes, 0.5), 'box of the content, at the median');
    }

    public function test_the_address_of_shapes_offers_each_with_its_line_and_strip(): void
    {
        $answer = $this->actingAs($this->teacher())->getJson('/api/shapes')->assertOk();
        $this->assertGreaterThanOrEqual(8, count($answer->json('shapes')));
        $made = $this->postJson('/api/lessons', ['title' => 'Leaves', 'shape' => 'look-closely'])->assertCreated()->json('id');
        $this->assertSame('Leaves', $this->getJson("/api/lessons/{$made}")->json('document.parts.0.slides.0.title'));
        $this->postJson('/api/lessons', ['title' => 'Leaves', 'shape' => 'no-such'])->assertStatus(422);
    }

    /** @param  class-string<Shape>  $shape */
    private static function begun(string $shape): LessonDocument
    {
        return BlankLesson::document(['title' => 'Leaves', 'shape' => $shape::name()]);
    }

    /** Every block says something, as a teacher would have it. */
    private static function filled(LessonDocument $document): LessonDocument
    {
        $filled = $document->jsonSerialize();
        $filled->media = (object) ['leaf' => [
            'name' => 'leaf.png', 'type' => 'image/png', 'sha256' => str_repeat('0', 64), 'width' => 1200, 'height' => 900,
            'description' => 'A leaf held against the light', 'credit' => 'Class 6 Heron', 'licence' => 'own',
        ]];
        foreach ($filled->parts as $part) {
            foreach ($part->slides as $slide) {
                foreach ($slide->blocks as $block) {
                    $content = (array) $block->content;
                    $block->content = (object) (self::words($block->kind, (string) ($content['type'] ?? '')) + $content);
                }
            }
        }

        return LessonDocument::from($filled);
    }

    /** @return array<string, mixed> */
    private static function words(string $kind, string $type): array
    {
        return match ($kind) {
            'text' => ['text' => "A leaf takes in light and water.\nOut of these and the air it makes the sugar that the whole plant lives on."],
            'term' => ['word' => 'vein', 'meaning' => 'the way on which water comes up into a leaf', 'hook' => 'you have them, too'],
            'instructions' => ['items' => ['name the parts of a leaf', 'say what each of them does', 'draw a leaf from memory']],
            'quotation' => ['text' => 'Every leaf is a letter that the tree has written to the Sun.', 'source' => 'a gardener of the town'],
            'picture' => ['medium' => 'leaf', 'caption' => 'A leaf against the light'],
            'pause' => ['prompt' => 'Look at the leaf for a minute, and say what you see.'],
            'worked' => ['task' => 'Four twigs have six leaves each, and two leaves have fallen.', 'lines' => [
                ['id' => 'all', 'formula' => '4 × 6 = 24', 'reason' => 'leaves on four twigs'],
                ['id' => 'left', 'formula' => '24 − 2 = 22', 'reason' => 'two have fallen'],
                ['id' => 'said', 'formula' => '', 'reason' => 'So 22 leaves are left.'],
            ]],
            'question' => ['prompt' => 'What does a leaf need to make sugar?', 'hint' => 'Think of the window.'] + ($type === 'choice'
                ? ['choices' => [
                    ['id' => 'a', 'text' => 'light, water and air', 'right' => true],
                    ['id' => 'b', 'text' => 'salt and stones', 'right' => false],
                    ['id' => 'c', 'text' => 'only water', 'right' => false],
                    ['id' => 'd', 'text' => 'nothing at all', 'right' => false],
                ]]
                : ['value' => 'It needs light, water and air. Without light it makes none, however much water there is.']),
            'table' => ['rows' => [['Day', 'Height'], ['1', '?4 cm'], ['3', '?7 cm'], ['5', '?11 cm']]],
            default => [],
        };
    }
}
