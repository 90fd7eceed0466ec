<?php

declare(strict_types=1);

namespace Tests\Outside;

use App\Adapters\Files;
use App\Adapters\PagesPdf;
use App\Adapters\Program;
use App\Formats\BroughtIn;
use App\Formats\BroughtSlides\LookedPage;
use App\Formats\LessonIntake;
use App\Models\BroughtSlide;
use App\Models\MediaFile;
use App\Models\User;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Three lessons of twenty slides as colleagues might have made them, brought in: what comes of them, and what is left to do by hand. */
final class DecksInTest extends TestCase
{
    private User $rowan;

    /** @var array<string, string> files by the name of the deck */
    private static array $written = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
    }

    /**
     * @param  array<string, int>  $kinds blocks of each kind in the lesson
     * @param  list<int>  $looked numbers of the slides that are better as they looked
     * @param  array<string, int>  $byHand findings by rule that are left once it is said whose the pictures are
     */
    #[TestWith(['history', ['text' => 15, 'picture' => 11, 'table' => 1], [1, 5, 6, 10], ['empty-script' => 1]])]
    #[TestWith(['science', ['text' => 13, 'table' => 2, 'figure' => 3, 'picture' => 2], [4, 12], ['empty-script' => 1]])]
    #[TestWith(['language', ['text' => 21], [], ['empty-script' => 1, 'too-many-words' => 2]])]
    public function test_a_deck_becomes_a_lesson_that_is_nearly_ready(string $name, array $kinds, array $looked, array $byHand): void
    {
        $brought = $this->broughtIn(self::deck($name));
        self::assertSame(20, $brought->choices);
        $document = $brought->lesson->document()->array();
        $slides = array_merge(...array_column($document['parts'], 'slides'));
        $blocks = array_merge(...array_column($slides, 'blocks'));
        $counts = array_count_values(array_column($blocks, 'kind'));
        ksort($kinds);
        ksort($counts);
        self::assertSame($kinds, $counts);
        $filled = array_keys(array_filter($slides, static fn (array $slide): bool => $slide['arrangement'] === 'filled'));
        self::assertSame($looked, array_map(static fn (int $index): int => $index + 1, $filled));

        $said = $brought->lesson->document()->jsonSerialize();
        foreach ($said->media as $medium) {
            self::assertNotSame('', $medium->description);
            [$medium->credit, $medium->licence] = ['Rowan Ashby', 'own'];
        }
        $this->putJson("/api/lessons/{$brought->lesson->id}", ['version' => 1, 'document' => $said])->assertOk();
        $findings = $this->getJson("/api/lessons/{$brought->lesson->id}/ready")->json('findings');
        $rules = array_count_values(array_column($findings, 'rule'));
        ksort($rules);
        self::assertSame($byHand, $rules, json_encode($findings, JSON_THROW_ON_ERROR));
    }

    /** Places and colours are those that the deck's own script gives, in inches of a slide 13.33 wide. */
    public function test_shapes_stand_where_they_stood(): void
    {
        $slide = $this->broughtIn(self::deck('history'))->lesson->broughtSlides()->where('number', 6)->firstOrFail();
        $medium = get_object_vars($slide->looked->media)[$slide->looked->slide->blocks[0]->content->medium];
        self::assertSame('image/svg+xml', $medium->type);
        self::assertSame('From ship to shop ship crane cart shop', $medium->description);
        $picture = Files::temporary('png');
        Program::run('rsvg', ['-w', '1333', '-o', $picture, MediaFile::local($medium->sha256)]);
        $seen = imagecreatefrompng($picture);
        self::assertEqualsWithDelta(750, imagesy($seen), 1);
        foreach (range(0, 3) as $index) {
            $left = 70 + 315 * $index;
            self::assertColour('E5D3BC', $seen, $left + 20, 320, 'inside the box');
            self::assertColour('7A4B2A', $seen, $left, 360, 'its line');
            self::assertColour('F4EFE6', $seen, $left + 225, 310, 'beside it');
            if ($index < 3) {
                self::assertColour('7A4B2A', $seen, $left + 255, 360, 'the arrow');
            }
        }
        self::assertColour('7A4B2A', $seen, 1200, 735, 'the foot of every slide');
    }

    public function test_a_slide_is_drawn_as_it_looked_when_that_is_chosen(): void
    {
        $lesson = $this->broughtIn(self::deck('history'))->lesson;
        $all = $this->getJson("/api/lessons/{$lesson->id}/brought")->assertOk()->json('slides');
        self::assertSame(range(1, 20), array_column($all, 'number'));
        self::assertSame(['3 × a drawn shape'], $all[5]['left']);
        [$slide, $media] = [$all[6]['looked']['slide'], $all[6]['looked']['media']];
        self::assertSame([], $media);
        self::assertSame(array_column($all[6]['blocks']['slide']['steps'], 'id'), array_column($slide['steps'], 'id'));

        $looked = $this->postJson("/api/lessons/{$lesson->id}/brought/{$all[6]['slide']}")->assertOk()->json();
        $id = $looked['slide']['blocks'][0]['content']['medium'];
        self::assertStringContainsString('rope makers, who walked backwards all day', $looked['media'][$id]['description']);
        self::assertSame($looked, $this->postJson("/api/lessons/{$lesson->id}/brought/{$all[6]['slide']}")->json());
        $this->postJson("/api/lessons/{$lesson->id}/brought/slide-0")->assertNotFound();
    }

    public function test_pages_of_the_same_slides_give_their_exact_look(): void
    {
        $lesson = $this->broughtIn(self::deck('language'), self::pages(20))->lesson;
        foreach ([1, 20] as $number) {
            $slide = $lesson->broughtSlides()->where('number', $number)->firstOrFail();
            [$medium] = array_values(get_object_vars($slide->looked->media));
            $seen = imagecreatefrompng(self::drawn(MediaFile::local($medium->sha256)));
            self::assertColour(self::shade($number), $seen, 800, 450, "page {$number}");
        }
        self::assertSame('We read a story in three parts.', $lesson->document()->read()->slides()[0]->steps[0]->script);
        $fewer = $this->broughtIn(self::deck('language'), self::pages(19));
        self::assertStringContainsString('The PDF has 19 pages and there are 20 slides', implode(' ', $fewer->findings));

        $this->expectExceptionMessage('Beside slides (PPTX or ODP) their PDF can be given');
        $this->broughtIn(self::deck('language'), self::deck('history'));
    }

    /** Whatever a page holds, what is stored of it is a drawing of ours, and well-formed. */
    public function test_what_stands_outside_is_named_and_not_fetched(): void
    {
        $drawing = $this->broughtIn(self::deck('science'))->lesson->broughtSlides
            ->map(static fn (BroughtSlide $each): string => $each->drawing)->implode('');
        self::assertDoesNotMatchRegularExpression('/href="(?!medium:[0-9a-f]{64}")/', $drawing);
        self::assertSame('a/1', LookedPage::with('a/medium:'.str_repeat('0', 64), static fn (): string => '1'));
    }

    private function broughtIn(string $file, ?string $pages = null): BroughtIn
    {
        return $this->app->make(LessonIntake::class)->bringIn($this->rowan, $file, basename($file), $pages);
    }

    private static function assertColour(string $expected, \GdImage $seen, int $x, int $y, string $where): void
    {
        $colour = imagecolorsforindex($seen, imagecolorat($seen, $x, $y));
        foreach (['red', 'green', 'blue'] as $index => $channel) {
            self::assertEqualsWithDelta(hexdec(substr($expected, 2 * $index, 2)), $colour[$channel], 3, "{$where}, {$channel}");
        }
    }

    private static function drawn(string $svg): string
    {
        $picture = Files::temporary('png');
        Program::run('rsvg', ['-w', '1600', '-o', $picture, $svg]);

        return $picture;
    }

    private static function shade(int $number): string
    {
        return sprintf('%02X8040', 10 * $number);
    }

    private static function pages(int $count): string
    {
        $page = static fn (int $number): string => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900">'
            .'<rect width="1600" height="900" fill="#'.self::shade($number).'"/></svg>';

        return PagesPdf::join(array_map($page, range(1, $count)), '160mm', '90mm');
    }

    private static function deck(string $name): string
    {
        if (! isset(self::$written[$name])) {
            $folder = sys_get_temp_dir().'/decks-'.bin2hex(random_bytes(6));
            mkdir($folder);
            $file = "{$folder}/{$name}.".($name === 'language' ? 'odp' : 'pptx');
            $command = $name === 'language'
                ? ['/usr/bin/python3', __DIR__.'/decks/language.py', $file]
                : ['node', __DIR__."/decks/{$name}.mjs", $file, self::photos($folder)];
            (new Process($command, timeout: 120))->mustRun();
            self::$written[$name] = $file;
        }

        return self::$written[$name];
    }

    /** Photos that are not worth looking at, but as large and as rough as those of a phone. */
    private static function photos(string $folder): string
    {
        mt_srand(7);
        for ($number = 1; $number <= 6; $number++) {
            $photo = imagecreatetruecolor(1200, 900);
            for ($patch = 0; $patch < 400; $patch++) {
                $colour = imagecolorallocate($photo, mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255));
                imagefilledellipse($photo, mt_rand(0, 1200), mt_rand(0, 900), mt_rand(20, 300), mt_rand(20, 300), (int) $colour);
            }
            imagejpeg($photo, "{$folder}/{$number}.jpg", 85);
        }

        return $folder;
    }

    public static function tearDownAfterClass(): void
    {
        foreach (self::$written as $file) {
            array_map(unlink(...), glob(dirname($file).'/*') ?: []);
            rmdir(dirname($file));
        }
        self::$written = [];
    }
}
