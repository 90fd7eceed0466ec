<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Formats\BroughtIn;
use App\Formats\LessonIntake;
use App\Models\BroughtSlide;
use App\Models\Lesson;
use App\Models\MediaFile;
use App\Models\User;
use DomainException;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;
use ZipArchive;

/** Presentations that pptxgenjs (npm) wrote, and our own, brought in: text by text, picture by picture, note by note, step by step. */
final class PresentationInTest extends TestCase
{
    private User $rowan;

    private static ?string $written = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
    }

    public function test_texts_levels_pictures_tables_charts_and_notes_are_taken(): void
    {
        $brought = $this->broughtIn(self::written());
        $document = $brought->lesson->document()->array();
        self::assertSame('The harbour in 1850 & now', $document['title']);
        [$first, $second, $third] = self::slides($brought->lesson);

        self::assertSame('What did a harbour look like?', $first['title']);
        self::assertSame(
            ['Ships < 40 m, “sail” & oar', "- cranes\n- – made of wood\n- ropes"],
            array_map(static fn (array $block): string => $block['content']['text'], $first['blocks']),
        );
        self::assertSame(['Look at the cranes. What are they made of?'], array_column($first['steps'], 'script'));

        self::assertSame(['One picture', ['picture', 'picture']], [$second['title'], array_column($second['blocks'], 'kind')]);
        [$whole, $part] = array_column($second['blocks'], 'content');
        self::assertSame('A red square, the harbour of our town', $document['media'][$whole['medium']]['description']);
        self::assertArrayNotHasKey('recipe', $whole);
        self::assertEqualsWithDelta(['x' => 0.25, 'y' => 0.0, 'width' => 0.5, 'height' => 1.0], $part['recipe']['crop'], 0.01);
        self::assertSame(
            [255, 0, 0],
            array_slice(array_values(imagecolorsforindex($image = imagecreatefrompng(
                MediaFile::local($document['media'][$whole['medium']]['sha256']),
            ), imagecolorat($image, 20, 20))), 0, 3),
        );

        self::assertSame('Numbers', $third['title']);
        self::assertSame(['table', 'figure'], array_column($third['blocks'], 'kind'));
        [$table, $chart] = array_column($third['blocks'], 'content');
        self::assertSame([['year', 'ships'], ['1850', '120'], ['1900', '80']], $table['rows']);
        self::assertSame(['data-plot', 'lines'], [$chart['figure'], $chart['quantities']['kind']]);
        self::assertSame("name\tsail\tsteam\n1850\t110\t10\n1900\t12.5\t67.5", $chart['quantities']['table']);

        self::assertSame(['Of slide 2 was left out: a line.'], $brought->findings);
    }

    /** A main sequence of two clicks, the second of which brings a paragraph: the form of ECMA-376 part 1, 19.5, from memory. */
    public function test_what_a_click_brings_is_a_step(): void
    {
        $effect = static fn (string $target): string => '<p:par><p:cTn><p:childTnLst><p:par><p:cTn><p:childTnLst><p:par>'
            .'<p:cTn presetID="1" presetClass="entr" nodeType="clickEffect"><p:childTnLst><p:set><p:cBhvr><p:cTn/>'
            ."<p:tgtEl>{$target}</p:tgtEl></p:cBhvr></p:set>".str_repeat('</p:childTnLst></p:cTn></p:par>', 3);
        $file = self::changed(self::written(), 'ppt/slides/slide1.xml', static function (string $slide) use ($effect): string {
            preg_match_all('/<p:cNvPr id="(\d+)"/', $slide, $ids);
            [, , $text, $list] = $ids[1];
            $clicks = $effect("<p:spTgt spid=\"{$text}\"/>")
                .$effect("<p:spTgt spid=\"{$list}\"><p:txEl><p:pRg st=\"1\" end=\"2\"/></p:txEl></p:spTgt>");
            $timing = '<p:timing><p:tnLst><p:par><p:cTn nodeType="tmRoot"><p:childTnLst><p:seq><p:cTn nodeType="mainSeq"><p:childTnLst>'
                .$clicks.'</p:childTnLst></p:cTn></p:seq></p:childTnLst></p:cTn></p:par></p:tnLst></p:timing>';

            return str_replace('</p:sld>', $timing.'</p:sld>', $slide);
        });
        $slide = self::slides($this->broughtIn($file)->lesson)[0];
        self::assertCount(3, $slide['steps']);
        $step = array_flip(array_column($slide['steps'], 'id'));
        self::assertSame(
            [['Ships < 40 m, “sail” & oar', 1], ['- cranes', 0], ["- – made of wood\n- ropes", 2]],
            array_map(static fn (array $block): array => [$block['content']['text'], $step[$block['step']]], $slide['blocks']),
        );
    }

    public function test_slides_of_opendocument_are_taken_as_well(): void
    {
        $file = self::writtenOpen();
        $brought = $this->broughtIn($file);
        [$first, $second] = self::slides($brought->lesson);
        self::assertSame(['What did a harbour look like?', 'Numbers'], [$first['title'], $second['title']]);
        self::assertSame(['Look at the cranes.', 'And how long were they?'], array_column($first['steps'], 'script'));
        $step = array_flip(array_column($first['steps'], 'id'));
        self::assertSame(
            [["- cranes\n- – made of wood\n- ropes", 0], ['Ships < 40 m & oar', 1]],
            array_map(static fn (array $block): array => [$block['content']['text'], $step[$block['step']]], $first['blocks']),
        );
        $blocks = array_column($second['blocks'], 'content', 'kind');
        self::assertSame([['year', 'ships'], ['1850', '120']], $blocks['table']['rows']);
        $media = $brought->lesson->document()->array()['media'];
        self::assertSame('A red square', $media[$blocks['picture']['medium']]['description']);
        self::assertSame(['Of slide 2 was left out: a line.'], $brought->findings);
    }

    public function test_hidden_slides_and_what_lies_elsewhere_are_left_out_and_told(): void
    {
        $hidden = self::replaced(self::written(), 'ppt/slides/slide1.xml', '/<p:sld /', '<p:sld show="0" ');
        $elsewhere = self::replaced(
            $hidden,
            'ppt/slides/_rels/slide2.xml.rels',
            '/Target="[^"]*media[^"]*"/',
            'Target="https://larkfield.example/harbour.png" TargetMode="External"',
        );
        $brought = $this->broughtIn($elsewhere);
        self::assertSame(['One picture', 'Numbers'], array_column(self::slides($brought->lesson), 'title'));
        self::assertStringContainsString('Slide 1 is hidden', implode(' ', $brought->findings));
        self::assertStringContainsString('a picture that lies elsewhere', implode(' ', $brought->findings));
    }

    public function test_what_we_write_we_read(): void
    {
        $lesson = $this->broughtIn(self::written())->lesson;
        $file = Files::temporary('pptx');
        $this->artisan('lesson:export', ['lesson' => $lesson->id, '--as' => 'pptx', '--to' => $file])->assertSuccessful();
        // Texts over a picture of all else are better kept as they looked; as blocks they are there all the same.
        $slides = $this->broughtIn($file)->lesson->broughtSlides
            ->map(static fn (BroughtSlide $each): array => json_decode((string) json_encode($each->blocks->slide), true))->all();
        self::assertSame(
            array_column(self::slides($lesson), 'title'),
            array_column($slides, 'title'),
        );
        self::assertContains('Ships < 40 m, “sail” & oar', array_map(
            static fn (array $block): string => $block['content']['text'] ?? '',
            $slides[0]['blocks'],
        ));
        self::assertSame('Look at the cranes. What are they made of?', $slides[0]['steps'][0]['script']);
    }

    #[TestWith([false, 1000])]
    #[TestWith([true, 300])]
    public function test_files_that_were_cut_flipped_or_swollen_give_a_sentence_and_change_nothing(bool $isOpen, int $rounds): void
    {
        $whole = (string) file_get_contents($isOpen ? self::writtenOpen() : self::written());
        mt_srand(10);
        $sentences = 0;
        for ($round = 0; $round < $rounds; $round++) {
            $bytes = match ($round % 3) {
                0 => substr($whole, 0, mt_rand(0, strlen($whole) - 1)),
                1 => self::flipped($whole, mt_rand(1, 60)),
                2 => substr_replace($whole, str_repeat(chr(mt_rand(0, 255)), mt_rand(1, 5000)), mt_rand(100, strlen($whole)), 0),
            };
            [$lessons, $media] = [Lesson::query()->count(), MediaFile::query()->count()];
            try {
                $this->broughtIn(Files::temporaryWith($bytes, 'pptx'));
            } catch (DomainException $trouble) {
                self::assertMatchesRegularExpression('/^[\p{Lu}“].*\.$/su', $trouble->getMessage());
                self::assertSame([$lessons, $media], [Lesson::query()->count(), MediaFile::query()->count()]);
                $sentences++;
            }
        }
        self::assertGreaterThan(0.4 * $rounds, $sentences);
    }

    public function test_a_package_that_means_harm_is_refused_or_read_without_it(): void
    {
        $entity = self::replaced(
            self::written(),
            'ppt/slides/slide1.xml',
            '/<p:sld /',
            '<!DOCTYPE sld [<!ENTITY x SYSTEM "file:///etc/passwd">]><p:sld ',
        );
        self::assertStringContainsString('Slide 1 is hidden or cannot be read', implode(' ', $this->broughtIn($entity)->findings));
        $climbing = self::replaced(
            self::written(),
            'ppt/slides/_rels/slide2.xml.rels',
            '#Target="\.\./media/#',
            'Target="../../../../../../etc/',
        );
        self::assertStringContainsString('A picture of slide 2 was left out.', implode(' ', $this->broughtIn($climbing)->findings));
        $older = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat('x', 2000);
        foreach ([$older => 'without a password', 'PK' => 'not a whole'] as $bytes => $said) {
            try {
                $this->broughtIn(Files::temporaryWith($bytes, 'ppt'));
                self::fail('It was taken.');
            } catch (DomainException $trouble) {
                self::assertStringContainsString($said, $trouble->getMessage());
            }
        }
    }

    private function broughtIn(string $file): BroughtIn
    {
        return $this->app->make(LessonIntake::class)->bringIn($this->rowan, $file, 'harbour.pptx');
    }

    /** @return list<array<string, mixed>> */
    private static function slides(Lesson $lesson): array
    {
        return array_merge(...array_column($lesson->document()->array()['parts'], 'slides'));
    }

    private static function written(): string
    {
        if (self::$written === null) {
            self::$written = sys_get_temp_dir().'/presentation-'.bin2hex(random_bytes(6)).'.pptx';
            (new Process(['node', __DIR__.'/write-presentation.mjs', self::$written, RedSquare::file()], timeout: 120))->mustRun();
        }

        return self::$written;
    }

    private static function writtenOpen(): string
    {
        $file = Files::temporary('odp');
        (new Process(['/usr/bin/python3', __DIR__.'/write-slides.py', $file, RedSquare::file()], timeout: 120))->mustRun();

        return $file;
    }

    /** @param  callable(string): string  $change */
    private static function changed(string $file, string $part, callable $change): string
    {
        $copy = Files::temporary('pptx');
        copy($file, $copy);
        $zip = new ZipArchive;
        $zip->open($copy);
        $zip->addFromString($part, $change((string) $zip->getFromName($part)));
        $zip->close();

        return $copy;
    }

    private static function replaced(string $file, string $part, string $pattern, string $by): string
    {
        return self::changed($file, $part, static fn (string $bytes): string => (string) preg_replace($pattern, $by, $bytes));
    }

    private static function flipped(string $bytes, int $times): string
    {
        for ($time = 0; $time < $times; $time++) {
            $bytes[mt_rand(0, strlen($bytes) - 1)] = chr(mt_rand(0, 255));
        }

        return $bytes;
    }

    public static function tearDownAfterClass(): void
    {
        if (self::$written !== null) {
            unlink(self::$written);
        }
    }
}
