<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Adapters\PagesPdf;
use App\Formats\BroughtIn;
use App\Formats\LessonIntake;
use App\Models\Lesson;
use App\Models\MediaFile;
use App\Models\User;
use DomainException;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Pages of a PDF as slides, against what poppler’s pdftoppm makes of the same pages. */
final class PdfInTest extends TestCase
{
    private User $rowan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
    }

    public function test_each_page_fills_a_slide_as_it_looked_with_its_words(): void
    {
        $file = self::written();
        $lesson = $this->broughtIn($file)->lesson;
        $document = $lesson->document()->array();
        foreach ($this->getJson("/api/lessons/{$lesson->id}")->assertOk()->json('scenes') as $scene) {
            self::assertSame([], array_filter($scene['fields'], static fn (array $field): bool => $field['path'] === 'title'));
            self::assertMatchesRegularExpression('/<image x="0" y="0" width="1600" height="900"/', $scene['svg']);
        }
        $slides = array_merge(...array_column($document['parts'], 'slides'));
        self::assertSame(['filled', 'filled'], array_column($slides, 'arrangement'));
        $types = [];
        foreach ($slides as $index => $slide) {
            $medium = $document['media'][$slide['blocks'][0]['content']['medium']];
            self::assertSame('Page '.($index + 1), $medium['name']);
            $types[] = $medium['type'];
            self::assertSame(['Why shadows move', 'A photo of the gate'][$index], $medium['description']);
            self::assertLessThan(0.06, self::difference($file, $index + 1, MediaFile::local($medium['sha256']), $medium['type']));
        }
        // What is drawn stays drawn; a page with a photo is a photo.
        self::assertSame(['image/svg+xml', 'image/jpeg'], $types);
    }

    public function test_files_that_were_cut_flipped_or_swollen_give_a_sentence_and_change_nothing(): void
    {
        $whole = (string) file_get_contents(self::written());
        mt_srand(12);
        $sentences = 0;
        for ($round = 0; $round < 60; $round++) {
            $at = mt_rand(8, strlen($whole));
            $bytes = match ($round % 3) {
                0 => substr($whole, 0, $at),
                1 => substr_replace($whole, str_repeat(chr(mt_rand(0, 255)), $length = mt_rand(1, 400)), $at, $length),
                2 => substr_replace($whole, str_repeat('<< /Kids [1 0 R] >>', mt_rand(1, 2000)), $at, 0),
            };
            [$lessons, $media] = [Lesson::query()->count(), MediaFile::query()->count()];
            try {
                $this->broughtIn(Files::temporaryWith($bytes, 'pdf'));
            } catch (DomainException $trouble) {
                self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/su', $trouble->getMessage());
                self::assertSame([$lessons, $media], [Lesson::query()->count(), MediaFile::query()->count()]);
                $sentences++;
            }
        }
        self::assertGreaterThan(5, $sentences);
    }

    private function broughtIn(string $file): BroughtIn
    {
        return $this->app->make(LessonIntake::class)->bringIn($this->rowan, $file, 'pages.pdf');
    }

    private static function written(): string
    {
        $page = static fn (string $inner): string => '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"'
            .' viewBox="0 0 1600 900"><rect width="1600" height="900" fill="#FFF6C9"/>'.$inner.'</svg>';
        $text = static fn (string $words): string => '<text x="100" y="200" font-family="Lexend" font-size="90">'.$words.'</text>';
        $photo = 'data:image/png;base64,'.base64_encode((string) file_get_contents(RedSquare::file()));

        return PagesPdf::join([
            $page($text('Why shadows move').'<circle cx="800" cy="600" r="200" fill="#0B5A60"/>'),
            $page($text('A photo of the gate').'<image x="500" y="300" width="640" height="480" xlink:href="'.$photo.'"/>'),
        ], '13.3333in', '7.5in');
    }

    /** @return float root of the mean square over all channels, 0 to 1, as ImageMagick has it */
    private static function difference(string $pdf, int $page, string $kept, string $type): float
    {
        [$wanted, $seen] = [Files::temporary(''), Files::temporary('png')];
        $only = ['-f', (string) $page, '-l', (string) $page, '-singlefile', '-scale-to-x', '960', '-scale-to-y', '540'];
        (new Process(['pdftoppm', '-png', ...$only, $pdf, $wanted]))->mustRun();
        $type === 'image/svg+xml'
            ? (new Process(['rsvg-convert', '-w', '960', '-h', '540', '-o', $seen, $kept]))->mustRun()
            : (new Process(['convert', $kept, '-resize', '960x540!', $seen]))->mustRun();
        $compared = new Process(['compare', '-metric', 'RMSE', $wanted.'.png', $seen, 'null:']);
        $compared->run();
        preg_match('/\(([\d.e-]+)\)/', $compared->getErrorOutput(), $difference);

        return (float) ($difference[1] ?? 1);
    }
}
