<?php

declare(strict_types=1);

namespace Tests\Core\Lesson;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Lesson\Slide;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LessonTest extends TestCase
{
    public function test_slides_come_in_the_order_of_the_lesson_and_side_slides_stand_apart(): void
    {
        $document = Slides::document([]);
        $slide = $document['parts'][0]['slides'][0];
        $document['parts'][] = [
            'id' => 'part-2',
            'kind' => 'recap',
            'slides' => [self::renamed($slide, 'two', true), self::renamed($slide, 'three', false)],
        ];
        $lesson = Lesson::from($document);
        $ids = static fn (array $slides): array => array_map(static fn (Slide $each): string => $each->id, $slides);
        self::assertSame(['slide-1', 'two', 'three'], $ids($lesson->slides()));
        self::assertSame(['slide-1', 'three'], $ids($lesson->mainSlides()));
        self::assertSame(PartKind::Recap, $lesson->slide('three')?->part);
        self::assertNull($lesson->slide('four'));
    }

    public function test_a_block_whose_step_is_gone_is_seen_from_the_first(): void
    {
        $lesson = Slides::lesson([Slides::block('text', 'text', ['text' => 'Here'], 'step-9')]);
        $slide = $lesson->slides()[0];
        self::assertSame(0, $slide->stepNumber('step-9'));
        self::assertFalse($slide->hasStep('step-9'));
        self::assertSame(1, $slide->stepNumber('step-2'));
        self::assertSame('Here', $slide->block('text')?->content->text('text'));
        self::assertNull($slide->block('nothing'));
    }

    public function test_pieces_without_a_step_of_their_own_come_with_the_block(): void
    {
        $block = Slides::lesson([Slides::block(
            'q',
            'question',
            ['type' => 'text', 'prompt' => '', 'marks' => 1],
            'step-1',
            ['answer' => 'step-2'],
        )])->slides()[0]->blocks[0];
        self::assertSame('step-2', $block->stepOf('answer'));
        self::assertSame('step-1', $block->stepOf('hint'));
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string, string}> change, part of the sentence, pointer */
    public static function broken(): iterable
    {
        yield 'no title' => [static fn (array $document): array => array_diff_key($document, ['title' => 1]), 'no title', '/title'];
        yield 'a title that is a number' => [static fn (array $document): array => ['title' => 5] + $document, 'must be a text', '/title'];
        yield 'minutes in words' => [
            static fn (array $document): array => ['minutes' => 'five'] + $document,
            'must be a number',
            '/minutes',
        ];
        yield 'aims that are no list' => [static fn (array $document): array => ['aims' => 'none'] + $document, 'must be a list', '/aims'];
        yield 'an aim that is no thing' => [
            static fn (array $document): array => ['aims' => ['none']] + $document,
            'a list of things',
            '/aims',
        ];
        yield 'a part of no hour' => [static function (array $document): array {
            $document['parts'][0]['kind'] = 'midnight';

            return $document;
        }, 'one of the eight parts', '/parts/0/kind'];
        yield 'a slide without steps' => [static function (array $document): array {
            $document['parts'][0]['slides'][0]['steps'] = [];

            return $document;
        }, 'no steps', '/parts/0/slides/0/steps'];
        yield 'the same id twice' => [static function (array $document): array {
            $document['parts'][0]['slides'][0]['steps'][1]['id'] = 'slide-1';

            return $document;
        }, 'the same id “slide-1”', ''];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('broken')]
    public function test_a_broken_document_names_the_place_and_what_should_be_there(
        callable $break,
        string $sentence,
        string $pointer,
    ): void {
        try {
            Lesson::from($break(Slides::document([])));
            self::fail('nothing was noticed');
        } catch (InvalidLesson $error) {
            self::assertStringContainsString($sentence, $error->getMessage());
            self::assertSame($pointer, $error->pointer);
        }
    }

    public function test_fields_give_what_is_there_and_defaults_for_what_is_not(): void
    {
        $fields = new Fields(
            [
                'word' => 'noon',
                'count' => 3,
                'on' => true,
                'list' => [['id' => 'a']],
                'names' => ['x', 'y'],
                'map' => ['one' => 'two'],
                'empty' => '',
            ],
            '/here',
        );
        self::assertSame('noon', $fields->text('word'));
        self::assertSame('none', $fields->text('other', 'none'));
        self::assertNull($fields->optionalText('other'));
        self::assertSame(3, $fields->whole('count'));
        self::assertSame(3.0, $fields->number('count'));
        self::assertNull($fields->optionalNumber('other'));
        self::assertTrue($fields->flag('on'));
        self::assertFalse($fields->flag('off'));
        self::assertSame('/here/list/0', $fields->list('list')[0]->pointer);
        self::assertSame(['x', 'y'], $fields->texts('names'));
        self::assertSame(['one' => 'two'], $fields->map('map'));
        self::assertSame([true, false, false], [$fields->has('word'), $fields->has('empty'), $fields->has('other')]);
        $this->expectException(InvalidLesson::class);
        $fields->whole('word');
    }

    /**
     * @param  array<string, mixed>  $slide
     * @return array<string, mixed>
     */
    private static function renamed(array $slide, string $id, bool $side): array
    {
        return ['id' => $id, 'side' => $side, 'steps' => [['id' => "{$id}-step", 'script' => '', 'pause' => 0]]] + $slide;
    }
}
