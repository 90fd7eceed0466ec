<?php

declare(strict_types=1);

namespace Tests\Core\Lesson;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Media\Media;
use Daybright\Lesson\Media\Picture\PictureMedium;
use PHPUnit\Framework\TestCase;

final class MediaTest extends TestCase
{
    private const GATE = ['name' => 'gate.png', 'type' => 'image/png', 'sha256' => 'ab', 'width' => 30, 'height' => 20];

    public function test_a_medium_is_read_by_its_media_type(): void
    {
        $gate = Media::read('gate', new Fields(self::GATE));
        self::assertInstanceOf(PictureMedium::class, $gate);
        self::assertSame(['gate', 'gate.png', 30, 20, ''], [$gate->id, $gate->name, $gate->width, $gate->height, $gate->licence]);
    }

    public function test_a_type_of_no_kind_is_refused_at_its_place(): void
    {
        try {
            Media::read('gate', new Fields(['type' => 'font/woff2'] + self::GATE, '/media/gate'));
            self::fail('a typeface was read as a medium');
        } catch (InvalidLesson $refused) {
            self::assertSame('/media/gate/type', $refused->pointer);
            self::assertStringContainsString('font/woff2', $refused->getMessage());
        }
    }

    public function test_no_two_kinds_have_a_type_in_common(): void
    {
        $types = array_merge(...array_map(static fn (string $kind): array => $kind::types(), Media::CATALOGUE));
        self::assertSame($types, array_unique($types));
    }
}
