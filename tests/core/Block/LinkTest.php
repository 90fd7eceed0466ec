<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Block\Link\OutsideLink;
use Daybright\Handout\Handout;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\FrozenAddress;
use Daybright\Release\FrozenSlide;
use Daybright\Release\LessonFreezer;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LinkTest extends TestCase
{
    private const FILM = [
        'title' => 'How a sundial is made',
        'address' => 'https://www.larkfield.example/films/sundial?start=130',
        'why' => 'See how the gnomon is set.',
        'from' => '2:10',
        'to' => '4:30',
        'minutes' => 2.5,
    ];

    public function test_an_address_that_no_browser_could_open_is_told_from_one_that_it_could(): void
    {
        $fault = static fn (string $address): ?string => (new OutsideLink('', $address, '', '', '', null))->fault();
        $opened = [
            'https://larkfield.example',
            'http://sub.larkfield.example:8080/a/b?c=d#e',
            ' HTTPS://Larkfield.example/ ',
            'https://müller.example/ä',
        ];
        foreach ($opened as $good) {
            self::assertNull($fault($good), $good);
        }
        $bad = [
            '', 'larkfield.example', 'https//larkfield.example', 'https://larkfield', 'https://larkfield.example/a b',
            'ftp://larkfield.example', 'javascript:alert(1)', 'https://', 'https://.example/', 'https://larkfield.example/"><script>',
            'https://larkfield.example/'.str_repeat('a', 300),
        ];
        foreach ($bad as $address) {
            self::assertNotNull($fault($address), $address);
        }
    }

    public function test_how_much_of_it_and_how_long_it_takes_is_said_as_far_as_it_is_known(): void
    {
        $part = static fn (string $from, string $to, ?float $minutes): string => (new OutsideLink(
            '',
            '',
            '',
            $from,
            $to,
            $minutes,
        ))->part();
        self::assertSame('from 2:10 to 4:30 · 2.5 minutes', $part('2:10', '4:30', 2.5));
        self::assertSame('from page 4', $part('page 4', '', null));
        self::assertSame('1 minute', $part('', '', 1.0));
        self::assertSame('10 minutes', $part('', '', 10.0));
        self::assertSame('', $part('', '', null));
    }

    public function test_the_card_says_it_in_words_and_carries_a_code_only_where_there_is_an_address(): void
    {
        $scene = static function (array $content): Scene {
            $lesson = self::lesson($content);

            return Slides::painter()->paint($lesson, $lesson->slides()[0]);
        };
        $drawn = static fn (array $content): array => array_merge(...array_map(
            static fn (Group $group): array => array_map(
                static fn (Shape $shape): string => $shape->element,
                $group->block === 'film' ? $group->shapes : [],
            ),
            $scene($content)->groups,
        ));
        self::assertContains('path', $drawn(self::FILM));
        self::assertNotContains('path', $drawn(['address' => 'larkfield'] + self::FILM));
        self::assertStringContainsString(
            'Link: How a sundial is made. See how the gnomon is set. from 2:10',
            $scene(self::FILM)->description(),
        );
        $fields = $scene(self::FILM)->fields['film'];
        self::assertSame(['title', 'why'], array_map(static fn (TextField $field): string => $field->path, $fields));
    }

    public function test_a_student_gets_the_address_with_its_card_and_not_before(): void
    {
        $slide = self::frozen(self::FILM, 'step-2');
        self::assertEquals([new FrozenAddress(
            'How a sundial is made',
            self::FILM['address'],
            'See how the gnomon is set.',
            'from 2:10 to 4:30 · 2.5 minutes',
            1,
        )], $slide->addresses);
        self::assertSame([], $slide->upTo(0)->addresses);
        $written = json_decode((string) json_encode($slide->toArray()), true);
        self::assertIsArray($written);
        self::assertEquals($slide, FrozenSlide::read(new Fields($written)));
        unset($written['addresses']);
        self::assertSame([], FrozenSlide::read(new Fields($written))->addresses, 'an older release');
        self::assertSame([], self::frozen(['address' => 'javascript:alert(1)'] + self::FILM)->addresses);
    }

    public function test_a_link_without_an_address_or_a_reason_is_found(): void
    {
        $found = static fn (array $content): array => array_values(array_map(
            static fn (Finding $finding): string => $finding->sentence,
            array_filter(
                (new ReadyCheck(Slides::painter()))->of(self::lesson($content)),
                static fn (Finding $finding): bool => $finding->rule === 'link-trouble',
            ),
        ));
        self::assertSame([], $found(self::FILM));
        self::assertStringContainsString('why to look at it', $found(['why' => ' '] + self::FILM)[0]);
        self::assertStringContainsString('cannot be opened', $found(['address' => 'larkfield'] + self::FILM)[0]);
    }

    public function test_it_is_printed_with_its_address_to_be_typed(): void
    {
        $pages = Handout::prepare(self::lesson(self::FILM), Slides::typefaces(), Slides::formulas(), Slides::codes())->pages();
        self::assertCount(1, $pages);
        $written = implode(' ', array_map(static fn (Group $group): string => $group->written(), $pages[0]->groups));
        self::assertStringContainsString('To look at', $written);
        self::assertStringContainsString('larkfield.example/films', $written);
        $without = self::lesson(['address' => ''] + self::FILM);
        self::assertSame([], Handout::prepare($without, Slides::typefaces(), Slides::formulas(), Slides::codes())->pages());
    }

    /** @param  array<string, mixed>  $content */
    private static function lesson(array $content, string $step = 'step-1'): Lesson
    {
        return Slides::lesson([Slides::block('film', 'link', $content, $step)]);
    }

    /** @param  array<string, mixed>  $content */
    private static function frozen(array $content, string $step = 'step-1'): FrozenSlide
    {
        $lesson = self::lesson($content, $step);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 480_000, [], [])];

        return (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes))->slides['slide-1'];
    }
}
