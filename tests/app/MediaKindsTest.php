<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Media\MediaKinds;
use App\Media\Picture\PictureKind;
use Daybright\Lesson\Media\Media;
use DomainException;

/** What a lesson may hold, the server keeps. */
class MediaKindsTest extends TestCase
{
    public function test_files_of_every_type_of_a_lesson_are_kept_by_the_kind_of_the_same_medium(): void
    {
        foreach (Media::CATALOGUE as $medium) {
            foreach ($medium::types() as $type) {
                $this->assertSame($medium, MediaKinds::ofType($type)::medium(), $type);
            }
        }
    }

    public function test_each_kind_has_a_folder_of_its_own(): void
    {
        $folders = array_map(static fn (string $kind): string => $kind::folder(), MediaKinds::CATALOGUE);
        $this->assertSame($folders, array_unique($folders));
        $this->assertNotContains('takes', $folders, 'the archive has a folder of takes');
    }

    public function test_a_drawing_of_an_archive_that_is_not_clean_is_refused(): void
    {
        $clean = PictureKind::written(Files::temporaryWith('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 3"/>', 'svg'));
        $this->assertSame($clean->sha256, PictureKind::cleared($clean->path)->sha256);
        $this->expectExceptionMessage('not a safe picture');
        PictureKind::cleared(Files::temporaryWith(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 3"><script>alert(1)</script></svg>',
            'svg',
        ));
    }

    public function test_a_type_of_no_kind_is_refused(): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('font/woff2');
        MediaKinds::ofType('font/woff2');
    }
}
