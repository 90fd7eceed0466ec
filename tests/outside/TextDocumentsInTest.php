<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Formats\BroughtIn;
use App\Formats\LessonIntake;
use App\Models\Lesson;
use App\Models\MediaFile;
use App\Models\User;
use DomainException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Text documents that python-docx and odfpy wrote, and a text in Markdown, brought in. */
final class TextDocumentsInTest extends TestCase
{
    private const MARKDOWN = <<<'TEXT'
        What comes before the first heading.

        # Why shadows *move*

        The Earth turns &amp; the light &lt; stays.

        - morning: long
        - noon: short

        What was measured
        -----------------

        ![A red square](square.png)

        | time  | shadow |
        | ----- | ------ |
        | 10:00 | 48 cm  |
        TEXT;

    private User $rowan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'DOCX (ECMA-376)' => ['docx'];
        yield 'ODT (OpenDocument)' => ['odt'];
        yield 'Markdown (CommonMark)' => ['md'];
    }

    #[DataProvider('formats')]
    public function test_headings_become_slides_and_what_follows_stands_on_them(string $format): void
    {
        $brought = $this->broughtIn(self::written()[$format], "shadows.{$format}");
        self::assertSame('shadows', $brought->lesson->title);
        $slides = array_merge(...array_column($brought->lesson->document()->array()['parts'], 'slides'));
        self::assertSame(['', 'Why shadows move', 'What was measured'], array_column($slides, 'title'));
        $texts = static fn (int $slide): array => array_filter(array_map(
            static fn (array $block): ?string => $block['content']['text'] ?? null,
            $slides[$slide]['blocks'],
        ));
        self::assertSame(['What comes before the first heading.'], $texts(0));
        self::assertSame(["The Earth turns & the light < stays.\n- morning: long\n- noon: short"], $texts(1));
        $blocks = array_column($slides[2]['blocks'], 'content', 'kind');
        self::assertSame([['time', 'shadow'], ['10:00', '48 cm']], $blocks['table']['rows']);
        self::assertTrue($blocks['table']['hasHead']);
        if ($format === 'md') {
            self::assertSame(['Of slide 3 was left out: the picture “square.png”.'], $brought->findings);
        } else {
            $media = $brought->lesson->document()->array()['media'][$blocks['picture']['medium']];
            self::assertSame(['A red square', 64, 48], [$media['description'], $media['width'], $media['height']]);
            self::assertSame([], $brought->findings);
        }
    }

    #[DataProvider('formats')]
    public function test_files_that_were_cut_flipped_or_swollen_give_a_sentence_and_change_nothing(string $format): void
    {
        $whole = (string) file_get_contents(self::written()[$format]);
        mt_srand(11);
        $sentences = 0;
        for ($round = 0; $round < 200; $round++) {
            $at = mt_rand(0, strlen($whole));
            $bytes = match ($round % 3) {
                0 => substr($whole, 0, mt_rand(0, strlen($whole) - 1)),
                1 => substr_replace($whole, str_repeat(chr(mt_rand(0, 255)), $length = mt_rand(1, 40)), $at, $length),
                2 => substr_replace($whole, str_repeat('> - ', mt_rand(1, 2000)), $at, 0),
            };
            [$lessons, $media] = [Lesson::query()->count(), MediaFile::query()->count()];
            try {
                $this->broughtIn(Files::temporaryWith($bytes, $format), "shadows.{$format}");
            } catch (DomainException $trouble) {
                self::assertMatchesRegularExpression('/^[\p{Lu}“].*\.$/su', $trouble->getMessage());
                self::assertSame([$lessons, $media], [Lesson::query()->count(), MediaFile::query()->count()]);
                $sentences++;
            }
        }
        self::assertGreaterThan($format === 'md' ? 0 : 40, $sentences);
    }

    public function test_a_text_without_a_heading_is_told_to_be_none(): void
    {
        $this->expectException(DomainException::class);
        $this->broughtIn(Files::temporaryWith('Just a few words.', 'md'), 'words.md');
    }

    private function broughtIn(string $file, string $name): BroughtIn
    {
        return $this->app->make(LessonIntake::class)->bringIn($this->rowan, $file, $name);
    }

    /** @return array{docx: string, odt: string, md: string} */
    private static function written(): array
    {
        [$docx, $odt] = [Files::temporary('docx'), Files::temporary('odt')];
        (new Process(['/usr/bin/python3', __DIR__.'/write-documents.py', $docx, $odt, RedSquare::file()], timeout: 120))->mustRun();

        return ['docx' => $docx, 'odt' => $odt, 'md' => Files::temporaryWith(self::MARKDOWN, 'md')];
    }
}
