<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Media\MediaStore;
use App\Media\Picture\Photo;
use App\Models\MediaFile;
use DomainException;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

class PictureTest extends TestCase
{
    /** @return iterable<string, array{callable(\GdImage): bool, string}> */
    public static function kinds(): iterable
    {
        yield 'PNG' => [static fn (\GdImage $image): bool => imagepng($image), 'image/png'];
        yield 'JPEG' => [static fn (\GdImage $image): bool => imagejpeg($image), 'image/jpeg'];
        yield 'WebP' => [static fn (\GdImage $image): bool => imagewebp($image), 'image/webp'];
    }

    /** @param  callable(\GdImage): bool  $write */
    #[DataProvider('kinds')]
    public function test_photos_are_taken_whatever_they_are_called(callable $write, string $type): void
    {
        $medium = $this->keep(self::photo($write), 'photo.txt');
        $this->assertSame([$type, 60, 40], [$medium['type'], $medium['width'], $medium['height']]);
        $this->assertSame(hash('sha256', (string) Storage::get(self::path($medium))), $medium['sha256']);
    }

    public function test_a_photo_keeps_nothing_but_the_picture_and_stands_upright(): void
    {
        $jpeg = self::photo(static fn (\GdImage $image): bool => imagejpeg($image));
        $medium = $this->keep(self::withExif($jpeg, 6), 'gate.jpg');
        $this->assertSame([40, 60], [$medium['width'], $medium['height']]);
        $this->assertStringNotContainsString('GPS', (string) Storage::get(self::path($medium)));
        $kept = imagecreatefromstring((string) Storage::get(self::path($medium)));
        // The red left half of the photo is its upper half once it is turned.
        $this->assertGreaterThan(200, imagecolorat($kept, 20, 10) >> 16 & 255);
        $this->assertLessThan(60, imagecolorat($kept, 20, 50) >> 16 & 255);
    }

    /** The eight ways of Exif 2.3, tag 0x0112: what the camera's first row and first column are. Red is the left half as stored. */
    public function test_every_way_up_is_turned_upright(): void
    {
        foreach ([
            1 => 'left',
            2 => 'right',
            3 => 'right',
            4 => 'left',
            5 => 'top',
            6 => 'top',
            7 => 'bottom',
            8 => 'bottom',
        ] as $orientation => $red) {
            $photo = Photo::open(self::withExif(self::photo(static fn (\GdImage $image): bool => imagejpeg($image)), $orientation));
            $this->assertSame($orientation > 4 ? [40, 60] : [60, 40], [$photo->width, $photo->height]);
            $kept = imagecreatefromstring($photo->bytes);
            [$x, $y] = ['left' => [5, 20], 'right' => [54, 20], 'top' => [20, 5], 'bottom' => [20, 54]][$red];
            $this->assertGreaterThan(200, imagecolorat($kept, $x, $y) >> 16 & 255, "orientation {$orientation}");
        }
    }

    public function test_a_photo_from_an_archive_loses_its_place_only(): void
    {
        $jpeg = self::photo(static fn (\GdImage $image): bool => imagejpeg($image));
        $cleared = Photo::cleared(self::withExif($jpeg, 1));
        $this->assertStringNotContainsString('GPS', $cleared->bytes);
        $this->assertSame($cleared->bytes, Photo::cleared($cleared->bytes)->bytes, 'what holds nothing else stays as it is');
    }

    public function test_what_is_clear_in_a_png_stays_clear(): void
    {
        $clear = self::photo(static function (\GdImage $image): bool {
            imagesavealpha($image, true);
            imagealphablending($image, false);
            imagefilledrectangle($image, 0, 0, 59, 39, imagecolorallocatealpha($image, 0, 0, 0, 127));

            return imagepng($image);
        });
        $kept = imagecreatefromstring((string) Storage::get(self::path($this->keep($clear, 'a.png'))));
        $this->assertSame(127, imagecolorat($kept, 5, 5) >> 24 & 127);
    }

    public function test_a_drawing_has_the_size_of_its_view_or_of_its_sheet(): void
    {
        $this->assertSame([200, 100], $this->sizeOf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100"/>'));
        $this->assertSame([30, 20], $this->sizeOf('<svg xmlns="http://www.w3.org/2000/svg" width="30px" height="20"/>'));
        $this->assertSame([300, 150], $this->sizeOf('<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"/>'));
        $this->assertSame([20000, 1], $this->sizeOf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9999999 0.1"/>'));
    }

    public function test_the_same_picture_is_kept_once_for_each_teacher(): void
    {
        $png = self::photo(static fn (\GdImage $image): bool => imagepng($image));
        $store = new MediaStore;
        [$rowan, $sol] = [$this->teacher(), $this->teacher('Sol')];
        foreach ([$rowan, $rowan, $sol] as $teacher) {
            $store->bringIn($teacher, Files::temporaryWith($png, ''), 'a.png');
        }
        $this->assertSame(2, MediaFile::query()->count());
        $this->assertCount(1, Storage::allFiles('pictures'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'words' => ['just words', 'not a picture'];
        yield 'a page' => ['<html><svg/></html>', 'not a picture'];
        yield 'a broken drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"><g></svg>', 'not an SVG picture'];
        yield 'half a photo' => [substr(self::photo(static fn (\GdImage $image): bool => imagepng($image)), 0, 60), 'damaged'];
        yield 'a GIF' => [self::photo(static fn (\GdImage $image): bool => imagegif($image)), 'Choose a PNG, JPEG, WebP or SVG'];
        yield 'too large a file' => [str_repeat('x', 8 * 1024 * 1024 + 1), 'larger than 8 MB'];
        // A PNG header that promises 100 000 × 100 000 points.
        yield 'too many points' => [
            "\x89PNG\r\n\x1A\n\x00\x00\x00\x0DIHDR".pack('NN', 100_000, 100_000)."\x08\x02\x00\x00\x00\x00\x00\x00\x00",
            '40 million',
        ];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_picture_is_refused_with_a_sentence(string $bytes, string $sentence): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage($sentence);
        $this->keep($bytes, 'picture.png');
    }

    /** @return array<string, mixed> */
    private function keep(string $bytes, string $name): array
    {
        return (new MediaStore)->bringIn($this->teacher(), Files::temporaryWith($bytes, ''), $name);
    }

    /** @param  array<string, mixed>  $medium */
    private static function path(array $medium): string
    {
        return MediaFile::path($medium['type'], $medium['sha256']);
    }

    /** @return array{int, int} */
    private function sizeOf(string $svg): array
    {
        $medium = (new MediaStore)->bringIn($this->teacher('T'.bin2hex(random_bytes(4))), Files::temporaryWith($svg, ''), 'drawing.svg');

        return [$medium['width'], $medium['height']];
    }

    /** @param  callable(\GdImage): bool  $write 60 × 40, the left half red and the right half blue */
    private static function photo(callable $write): string
    {
        $image = imagecreatetruecolor(60, 40);
        imagefilledrectangle($image, 0, 0, 29, 39, imagecolorallocate($image, 255, 0, 0));
        imagefilledrectangle($image, 30, 0, 59, 39, imagecolorallocate($image, 0, 0, 255));
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }

    /** With an Exif block (TIFF 6.0, tag 0x0112) that has a place in it, as cameras write it. */
    private static function withExif(string $jpeg, int $orientation): string
    {
        $tiff = "II*\x00\x08\x00\x00\x00\x01\x00\x12\x01\x03\x00\x01\x00\x00\x00"
            .chr($orientation)
            ."\x00\x00\x00\x00\x00\x00\x00GPS 51.5 N";

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\x00\x00".$tiff.substr($jpeg, 2);
    }
}
