<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Block\Blocks;
use Daybright\Deck\Looks;
use Daybright\Figure\Figures;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\Colour;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LooksTest extends TestCase
{
    /** Large text may have 3 : 1 by WCAG 2.2, 1.4.3; ours has 4.5 : 1 at every size. */
    private const LEAST = 4.5;

    /** @return array<string, array{string}> */
    public static function looks(): array
    {
        return array_combine(Looks::names(), array_map(static fn (string $name): array => [$name], Looks::names()));
    }

    #[DataProvider('looks')]
    public function test_every_text_of_every_kind_of_block_stands_out_from_what_is_below_it(string $look): void
    {
        $failed = [];
        foreach (PartKind::cases() as $part) {
            foreach (self::contents() as $name => $block) {
                $lesson = self::lesson($block, $look, $part);
                foreach (self::contrasts(Slides::painter()->paint($lesson, $lesson->slides()[0])) as $written => $ratio) {
                    if ($ratio < self::LEAST) {
                        $failed[] = sprintf('%s, %s: “%s” %.2f', $part->value, $name, $written, $ratio);
                    }
                }
            }
        }
        self::assertSame([], array_slice($failed, 0, 20));
    }

    #[DataProvider('looks')]
    public function test_a_part_keeps_a_colour_of_its_own(string $look): void
    {
        $colours = Looks::called($look)->colours();
        $strongs = array_map(static fn (PartKind $part): string => $colours->strong($part), PartKind::cases());
        self::assertCount(count(PartKind::cases()), array_unique($strongs));
    }

    public function test_one_look_is_dark_and_an_unknown_one_is_the_first(): void
    {
        $dark = array_filter(Looks::names(), static fn (string $name): bool => Looks::called($name)->colours()->dark);
        self::assertNotSame([], $dark);
        self::assertInstanceOf(Looks::CATALOGUE[0], Looks::called('hologram'));
    }

    public function test_a_look_changes_the_colours_of_a_slide_and_nothing_of_its_words(): void
    {
        $lesson = self::lesson(['heading', ['text' => 'Longer stick, longer shadow']], 'dew', PartKind::Explain);
        $other = self::lesson(['heading', ['text' => 'Longer stick, longer shadow']], 'dusk', PartKind::Explain);
        $light = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        $dark = Slides::painter()->paint($other, $other->slides()[0]);
        self::assertSame($light->description(), $dark->description());
        self::assertNotEquals($light->groups[0]->shapes[0], $dark->groups[0]->shapes[0]);
    }

    /** @return array<string, array{string, array<string, mixed>}> each kind of block with something in it, and each figure as it begins */
    private static function contents(): array
    {
        $filled = [
            'term' => ['word' => 'noon', 'meaning' => 'when the Sun is highest', 'hook' => 'not always at twelve', 'picture' => null],
            'worked' => ['task' => 'Add up', 'lines' => [['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'the sum']]],
            'question' => ['prompt' => 'When?', 'choices' => [
                ['id' => 'a', 'text' => 'at noon', 'right' => true],
                ['id' => 'b', 'text' => 'later', 'right' => false],
            ]],
            'quotation' => ['text' => 'I count the hours', 'source' => 'a stone'],
            'instructions' => ['items' => ['Put a stick in the ground.']],
        ];
        $contents = [];
        foreach (Blocks::CATALOGUE as $kind) {
            $words = array_map(static fn (mixed $value): mixed => $value === '' ? 'Words' : $value, $kind::blank());
            $contents[$kind::name()] = [$kind::name(), ($filled[$kind::name()] ?? []) + $words];
        }
        foreach (Figures::all() as $figure) {
            $name = $figure::entry()->name;
            $contents["figure {$name}"] = ['figure', ['figure' => $name, 'quantities' => $figure::blank()]];
        }

        return $contents;
    }

    /** @param  array{string, array<string, mixed>}  $block */
    private static function lesson(array $block, string $look, PartKind $part): Lesson
    {
        $document = Slides::document([Slides::block('one', $block[0], $block[1])], ['One.'], [], $part->value);

        return Lesson::from(['look' => $look] + $document);
    }

    /** @return array<string, float> by what is written */
    private static function contrasts(Scene $scene): array
    {
        $below = [];
        $contrasts = [];
        foreach ($scene->groups as $group) {
            foreach ($group->shapes as $shape) {
                $box = $group->boxOf($shape);
                if ($shape->isText()) {
                    $written = trim($shape->written()) === '' ? 'a formula' : $shape->written();
                    $ground = self::under($box, $below);
                    $ratio = Colour::read((string) $shape->attributes['fill'])->contrast($ground);
                    $contrasts[$written] = min($contrasts[$written] ?? 21.0, $ratio);
                } elseif (self::isGround($shape)) {
                    $below[] = [$box, $shape];
                }
            }
        }

        return $contrasts;
    }

    private static function isGround(Shape $shape): bool
    {
        return in_array($shape->element, ['rect', 'circle'], true)
            && preg_match('/^#[0-9A-F]{6}$/i', (string) ($shape->attributes['fill'] ?? '')) === 1;
    }

    /** @param  list<array{Box, Shape}>  $below in the order in which they were drawn */
    private static function under(Box $text, array $below): Colour
    {
        $middle = new Box($text->middleX(), $text->middleY(), 0, 0);
        $colour = Colour::read('#FFFFFF');
        foreach ($below as [$box, $shape]) {
            if ($box->holds($middle, 0)) {
                $opacity = (float) ($shape->attributes['fill-opacity'] ?? 1);
                $colour = Colour::read((string) $shape->attributes['fill'])->over($colour, $opacity);
            }
        }

        return $colour;
    }
}
