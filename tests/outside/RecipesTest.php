<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Media\Picture\Photo;
use Daybright\Block\Picture\Marks\Cover;
use Daybright\Block\Picture\PreparedPicture;
use Daybright\Block\Picture\Recipe;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Support\Slides;

/** What is done to a picture, against what ImageMagick (imagemagick.org, “Command-line Options”) makes of the same one. */
final class RecipesTest extends TestCase
{
    private const IMAGEMAGICK = '/usr/bin/convert';

    private const WIDTH = 240;

    private const HEIGHT = 160;

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function recipes(): iterable
    {
        yield 'cropped' => [['crop' => ['x' => 0.25, 'y' => 0.1, 'width' => 0.5, 'height' => 0.6]], ['-crop', '120x96+60+16', '+repage']];
        yield 'a quarter turn' => [['turn' => 1], ['-rotate', '90']];
        yield 'three quarter turns' => [['turn' => 3], ['-rotate', '270']];
        yield 'half a turn' => [['turn' => 2], ['-rotate', '180']];
        yield 'mirrored' => [['mirror' => true], ['-flop']];
        yield 'mirrored, then turned' => [['mirror' => true, 'turn' => 1], ['-flop', '-rotate', '90']];
        yield 'turned, then cropped' => [
            ['turn' => 1, 'crop' => ['x' => 0.5, 'y' => 0, 'width' => 0.5, 'height' => 0.5]],
            ['-rotate', '90', '-crop', '80x120+80+0', '+repage'],
        ];
        // Scaled by cos 5° + sin 5° · 240/160, so that no corner shows.
        yield 'straightened' => [['straighten' => 5], ['-distort', 'SRT', '1.126928,5']];
        yield 'lighter' => [['light' => 0.4], ['-evaluate', 'multiply', '1.4']];
        yield 'darker' => [['light' => -0.3], ['-evaluate', 'multiply', '0.7']];
    }

    /**
     * @param  array<string, mixed>  $recipe
     * @param  list<string>  $options
     */
    #[DataProvider('recipes')]
    public function test_a_recipe_does_what_imagemagick_does(array $recipe, array $options): void
    {
        $source = self::photo();
        $ours = self::drawn($source, $recipe);
        $theirs = tempnam(sys_get_temp_dir(), 'theirs').'.png';
        (new Process([self::IMAGEMAGICK, $source, ...$options, $theirs]))->mustRun();
        [$one, $other] = [imagecreatefrompng($ours), imagecreatefrompng($theirs)];
        self::assertNotFalse($one);
        self::assertNotFalse($other);
        self::assertSame([imagesx($other), imagesy($other)], [imagesx($one), imagesy($one)]);
        self::assertLessThan(3.0, self::difference($one, $other), 'middle difference of a channel, of 255');
        array_map(unlink(...), [$source, $ours, $theirs]);
    }

    /** As far out of focus as “-blur” makes it with the same standard deviation, 0.045 of the shorter side. */
    public function test_a_blurred_cover_is_as_unreadable_as_imagemagick_makes_it(): void
    {
        $source = self::photo();
        $prepared = self::prepared([]);
        $whole = new Box(0, 0, $prepared->width, $prepared->height);
        $cover = Cover::from(new Fields(['at' => ['x' => 0.25, 'y' => 0.25], 'corner' => ['x' => 0.75, 'y' => 0.75], 'blurred' => true]));
        [$ground, $blurred] = $cover->shapes($whole, $prepared, self::context());
        $ours = self::rendered($source, [$prepared->image($whole), $ground, $blurred], $whole);
        $theirs = tempnam(sys_get_temp_dir(), 'theirs').'.png';
        $crop = ['-crop', '120x80+60+40', '+repage'];
        (new Process([self::IMAGEMAGICK, $source, '-blur', '0x7.2', ...$crop, $theirs]))->mustRun();
        (new Process([self::IMAGEMAGICK, $ours, ...$crop, $ours]))->mustRun();
        [$one, $other] = [imagecreatefrompng($ours), imagecreatefrompng($theirs)];
        self::assertNotFalse($one);
        self::assertNotFalse($other);
        self::assertLessThan(3.0, self::difference($one, $other), 'middle difference of a channel, of 255');
        array_map(unlink(...), [$source, $ours, $theirs]);
    }

    /** Cameras say which way up a photo is; ImageMagick puts it upright by “-auto-orient”. */
    public function test_a_photo_is_put_upright_as_imagemagick_does(): void
    {
        $names = ['TopLeft', 'TopRight', 'BottomRight', 'BottomLeft', 'LeftTop', 'RightTop', 'RightBottom', 'LeftBottom'];
        foreach ($names as $number => $name) {
            $source = self::photo();
            $marked = tempnam(sys_get_temp_dir(), 'marked').'.jpg';
            (new Process([self::IMAGEMAGICK, $source, '-quality', '98', $marked]))->mustRun();
            file_put_contents($marked, self::withOrientation((string) file_get_contents($marked), $number + 1));
            $theirs = tempnam(sys_get_temp_dir(), 'theirs').'.png';
            (new Process([self::IMAGEMAGICK, $marked, '-auto-orient', $theirs]))->mustRun();
            $upright = imagecreatefromstring(Photo::open((string) file_get_contents($marked))->bytes);
            $expected = imagecreatefrompng($theirs);
            self::assertNotFalse($upright);
            self::assertNotFalse($expected);
            self::assertSame([imagesx($expected), imagesy($expected)], [imagesx($upright), imagesy($upright)], $name);
            self::assertLessThan(4.0, self::difference($upright, $expected), $name);
            array_map(unlink(...), [$source, $marked, $theirs]);
        }
    }

    /** Four fields and a slope of grey, alike in no direction. */
    private static function photo(): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        self::assertNotFalse($image);
        for ($x = 0; $x < self::WIDTH; $x++) {
            $grey = (int) (40 + 120 * $x / self::WIDTH);
            imageline($image, $x, 0, $x, self::HEIGHT, (int) imagecolorallocate($image, $grey, $grey, $grey));
        }
        imagefilledrectangle($image, 0, 0, 79, 49, (int) imagecolorallocate($image, 160, 40, 40));
        imagefilledrectangle($image, 160, 20, 219, 89, (int) imagecolorallocate($image, 40, 120, 60));
        imagefilledrectangle($image, 30, 100, 129, 149, (int) imagecolorallocate($image, 40, 60, 150));
        $path = tempnam(sys_get_temp_dir(), 'photo').'.png';
        imagepng($image, $path);

        return $path;
    }

    /** @param  array<string, mixed>  $recipe */
    private static function drawn(string $photo, array $recipe): string
    {
        $prepared = self::prepared($recipe);
        $box = new Box(0, 0, $prepared->width, $prepared->height);

        return self::rendered($photo, [$prepared->image($box)], $box);
    }

    private static function context(): RenderContext
    {
        return new RenderContext(Slides::typesetter(), '#FFFFFF', '#000000', [
            'photo' => new Picture('photo', self::WIDTH, self::HEIGHT, '', '', ''),
        ]);
    }

    /** @param  array<string, mixed>  $recipe */
    private static function prepared(array $recipe): PreparedPicture
    {
        $prepared = PreparedPicture::of('photo', Recipe::from(new Fields($recipe)), self::context());
        self::assertNotNull($prepared);

        return $prepared;
    }

    /** @param  list<Shape>  $shapes */
    private static function rendered(string $photo, array $shapes, Box $view): string
    {
        $scene = new Scene([new Group('', 'photo', '', 0, $shapes)], [], [], []);
        $data = 'data:image/png;base64,'.base64_encode((string) file_get_contents($photo));
        $svg = tempnam(sys_get_temp_dir(), 'recipe').'.svg';
        file_put_contents($svg, (new SvgWriter(static fn (): string => $data))->write($scene, $view));
        $png = tempnam(sys_get_temp_dir(), 'ours').'.png';
        $size = ['-w', (string) round($view->width), '-h', (string) round($view->height)];
        (new Process(['rsvg-convert', ...$size, '-o', $png, $svg]))->mustRun();
        unlink($svg);

        return $png;
    }

    private static function difference(\GdImage $one, \GdImage $other): float
    {
        imagepalettetotruecolor($one);
        imagepalettetotruecolor($other);
        $sum = $count = 0;
        for ($x = 2; $x < imagesx($one) - 2; $x += 3) {
            for ($y = 2; $y < imagesy($one) - 2; $y += 3) {
                [$first, $second] = [(int) imagecolorat($one, $x, $y), (int) imagecolorat($other, $x, $y)];
                foreach ([16, 8, 0] as $shift) {
                    $sum += abs((($first >> $shift) & 255) - (($second >> $shift) & 255));
                    $count++;
                }
            }
        }

        return $sum / max(1, $count);
    }

    /** An APP1 segment with one Exif entry (Exif 2.3, tag 0x0112), right behind the start of the file. */
    private static function withOrientation(string $jpeg, int $orientation): string
    {
        $entry = pack('vvVvv', 0x0112, 3, 1, $orientation, 0);
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).$entry.pack('V', 0);

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
