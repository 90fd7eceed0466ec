<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Block\Blocks;
use Daybright\Block\WrittenInPlace;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\TextField;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class TextFieldsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function contents(): iterable
    {
        yield 'heading' => ['heading', ['text' => 'What follows']];
        yield 'text' => ['text', ['text' => 'A sentence that is long enough to be broken into several lines, as most sentences are.']];
        yield 'quotation' => ['quotation', ['text' => 'I mark the hours that shine.', 'source' => 'An old sundial']];
        yield 'term' => ['term', ['word' => 'noon', 'meaning' => 'the Sun is highest', 'hook' => 'no long shadow', 'picture' => null]];
        yield 'worked' => ['worked', [
            'task' => 'Add up',
            'lines' => [['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'two and three']],
        ]];
        yield 'table' => ['table', [
            'rows' => [['Stick', 'Shadow'], ['20 cm', '31 cm'], ['40 cm', '?59 cm']], 'hasHead' => true, 'hasSide' => false,
        ]];
        yield 'question' => ['question', [
            'type' => 'choice', 'prompt' => 'Which?', 'marks' => 1,
            'choices' => [['id' => 'a', 'text' => 'this one', 'right' => true], ['id' => 'b', 'text' => 'that one', 'right' => false]],
        ]];
        yield 'pause' => ['pause', ['prompt' => 'Stop and try']];
        yield 'instructions' => ['instructions', ['items' => ['cut it out', 'fold it']]];
    }

    /** @param  array<string, mixed>  $content */
    #[DataProvider('contents')]
    public function test_a_field_stands_where_its_text_is_drawn(string $kind, array $content): void
    {
        $scene = self::paint($kind, $content);
        self::assertNotEmpty($scene->fields['block']);
        foreach ($scene->fields['block'] as $field) {
            $text = ltrim(self::textAt($content, $field->path), '?');
            $first = preg_split('/\s+/', $text, 2)[0] ?? '';
            $drawn = array_filter(
                self::written($scene, 'block'),
                static fn (array $each): bool => str_contains($each[0], $first) || str_contains($first, $each[0]) || $each[0] === '',
            );
            self::assertNotSame('', $text, $field->path);
            self::assertTrue($scene->page->holds($field->room), $field->path);
            self::assertNotEmpty(
                array_filter($drawn, static fn (array $each): bool => $field->room->holds($each[1], $field->style->size * 0.3)),
                "“{$text}” is drawn where it is typed",
            );
        }
    }

    public function test_a_new_block_that_is_written_has_room_to_type_in(): void
    {
        foreach (Blocks::CATALOGUE as $kind) {
            if (! is_a($kind, WrittenInPlace::class, true)) {
                continue;
            }
            $scene = self::paint($kind::name(), $kind::blank());
            self::assertNotEmpty($scene->fields['block'], $kind::name());
            foreach ($scene->fields['block'] as $field) {
                self::assertGreaterThan(20.0, $field->room->height, "{$kind::name()}: {$field->path} has room to type");
            }
        }
    }

    public function test_a_list_says_how_it_grows_within_what_its_schema_allows(): void
    {
        /** @var array{'$defs': array{block: array{oneOf: list<array{properties: array{kind: array{const: string}, content: array<string, mixed>}}>}}} $schema */
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../schema/lesson.schema.json'), true);
        $most = [];
        foreach ($schema['$defs']['block']['oneOf'] as $kind) {
            $most[$kind['properties']['kind']['const']] = $kind['properties']['content'];
        }
        foreach (['worked' => 'lines', 'instructions' => 'items', 'question' => 'choices'] as $kind => $list) {
            $content = iterator_to_array(self::contents())[$kind][1];
            $fields = array_filter(
                self::paint($kind, $content)->fields['block'],
                static fn (TextField $field): bool => $field->repetition !== null,
            );
            self::assertNotEmpty($fields);
            foreach ($fields as $field) {
                self::assertStringContainsString('"maxItems":'.$field->repetition?->most.',', (string) json_encode($most[$kind]), $kind);
            }
        }
    }

    public function test_lines_break_at_the_measure_as_they_do_in_the_room(): void
    {
        $scene = self::paint('text', ['text' => 'A sentence that is long enough to be broken into several lines of large type, as most of them are.']);
        $field = $scene->fields['block'][0];
        self::assertLessThanOrEqual($field->room->width, $field->measure);
        $lines = array_map(static fn (array $each): Box => $each[1], self::written($scene, 'block'));
        self::assertEqualsWithDelta($field->measure, max(array_map(static fn (Box $box): float => $box->width, $lines)), 1);
    }

    public function test_the_title_is_typed_on_the_slide_even_while_there_is_none(): void
    {
        $lesson = Slides::lesson([Slides::block('block', 'text', ['text' => 'Words'])], ['One.'], ['title' => '']);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        self::assertSame('title', $scene->fields[''][0]->path);
        self::assertGreaterThan(40.0, $scene->fields[''][0]->style->size);
    }

    public function test_a_block_is_as_large_and_stands_as_the_teacher_wants(): void
    {
        $text = ['text' => 'A sentence.'];
        $usual = self::paint('text', $text)->fields['block'][0];
        $large = self::paint('text', $text, ['size' => 0.7, 'align' => 'right'])->fields['block'][0];
        self::assertLessThan($usual->style->size, $large->style->size);
        self::assertSame(1.0, $large->style->align);
        $sizes = ['shape' => 'cuboid', 'length' => '6', 'width' => '3', 'height' => '2', 'unit' => 'cm'];
        $figure = ['figure' => 'solid', 'quantities' => $sizes];
        $whole = self::paint('figure', $figure)->boxes['block'];
        $part = self::paint('figure', $figure, ['size' => 0.5, 'align' => 'left'])->boxes['block'];
        self::assertLessThan($whole->width, $part->width);
        self::assertLessThan($whole->x + 1, $part->x);
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  array<string, mixed>  $placing
     */
    private static function paint(string $kind, array $content, array $placing = []): Scene
    {
        $lesson = Slides::lesson([$placing + Slides::block('block', $kind, $content)], ['One.']);

        return Slides::painter()->paint($lesson, $lesson->slides()[0]);
    }

    /** @return list<array{string, Box}> */
    private static function written(Scene $scene, string $block): array
    {
        $written = [];
        foreach (array_filter($scene->groups, static fn (Group $group): bool => $group->block === $block) as $group) {
            foreach ($group->shapes as $shape) {
                if ($shape->isText() || $shape->element === 'g') {
                    $written[] = [$shape->written(), $group->boxOf($shape)];
                }
            }
        }

        return $written;
    }

    /** @param  array<mixed>  $content */
    private static function textAt(array $content, string $path): string
    {
        $at = $content;
        foreach (explode('/', $path) as $key) {
            $at = is_array($at) ? $at[$key] ?? '' : '';
        }

        return is_string($at) ? $at : '';
    }
}
