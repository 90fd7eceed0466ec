<?php

declare(strict_types=1);

namespace Tests\Outside;

use Daybright\Format\WebVtt;
use Daybright\Recording\Cue;
use Daybright\Scene\Box;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use DOMDocument;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Support\Slides;

/** Checks against other people's programs: librsvg with Pango and Cairo, ffmpeg, opis/json-schema. */
final class RenderersTest extends TestCase
{
    /** @return iterable<array{string, bool}> */
    public static function words(): iterable
    {
        foreach (['shadow', 'measurement', 'fluffy', 'affinity', 'Übungsstunde', 'façade', 'кириллица', '21'] as $word) {
            yield [$word, false];
            yield [$word, true];
        }
    }

    #[DataProvider('words')]
    public function test_librsvg_draws_words_as_wide_as_we_measure_them(string $text, bool $bold): void
    {
        $style = new TextStyle(80, bold: $bold);
        // Words, not lines: every word has its own x, since librsvg kerns and a line would drift.
        // A stroke behind the word shows where the word ends.
        $inside = self::inkOf($text.'|', $style)->width;
        $alone = self::inkOf('|', $style);
        // From the ink's left edge to the bar's left edge, less what lies before the first letter's ink.
        $first = self::inkOf(mb_substr($text, 0, 1), $style)->x;
        $measured = Slides::typesetter()->width($text, $style);
        self::assertEqualsWithDelta($measured - $first + $alone->right(), $inside, 2, "“{$text}”");
    }

    public function test_ffmpeg_reads_our_captions_as_we_wrote_them(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'vtt').'.vtt';
        file_put_contents(
            $file,
            WebVtt::write([new Cue(0, 1500, "Good morning,\nHeron class."), new Cue(61_001, 62_000.4, 'a < b & c > d')]),
        );
        $told = self::told(['ffprobe', '-v', 'error', '-show_entries', 'packet=pts_time,duration_time', '-of', 'csv=p=0', $file]);
        self::assertSame(['0.000000,1.500000', '61.001000,0.999000'], explode("\n", trim($told)));
        $back = self::told(['ffmpeg', '-v', 'error', '-i', $file, '-f', 'srt', '-']);
        self::assertStringContainsString("Good morning,\nHeron class.", str_replace("\r", '', $back));
        self::assertStringContainsString('a < b & c > d', $back);
        unlink($file);
    }

    public function test_the_published_schemas_are_json_schema_2020_12(): void
    {
        foreach (['lesson', 'events'] as $name) {
            $schema = json_decode((string) file_get_contents(__DIR__."/../../schema/{$name}.schema.json"), false, 64, JSON_THROW_ON_ERROR);
            self::assertSame('https://json-schema.org/draft/2020-12/schema', $schema->{'$schema'});
            // A schema that opis cannot compile throws; nothing but an empty thing is wrong with an empty thing.
            $result = (new Validator)->validate($name === 'lesson' ? (object) [] : [], $schema);
            self::assertSame($name === 'events', $result->isValid());
        }
    }

    /** Where the ink of a text drawn by librsvg lies, for a text that starts at x = 0. */
    private static function inkOf(string $text, TextStyle $style): Box
    {
        $shape = Slides::typesetter()->label(str_replace(' ', "\u{00A0}", $text), 0, 100, $style);
        $svg = new DOMDocument;
        $root = $svg->appendChild($svg->createElementNS('http://www.w3.org/2000/svg', 'svg'));
        self::assertInstanceOf(\DOMElement::class, $root);
        // Four times as fine, with room on the left for ink that begins before 0.
        foreach ([
            'width' => '4000',
            'height' => '800',
            'viewBox' => '-50 0 1000 200',
            'style' => 'font-variant-ligatures:none;font-kerning:none',
        ] as $attribute => $value) {
            $root->setAttribute($attribute, $value);
        }
        $element = $root->appendChild($svg->createElement('text'));
        self::assertInstanceOf(\DOMElement::class, $element);
        foreach ($shape->attributes as $attribute => $value) {
            $element->setAttribute($attribute, is_float($value) ? Shape::short($value) : (string) $value);
        }
        $element->setAttribute('x', '0');
        $element->appendChild($svg->createTextNode($shape->written()));
        $png = self::told(
            ['rsvg-convert', '--background-color', 'white'],
            (string) $svg->saveXML(),
            ['FONTCONFIG_FILE' => __DIR__.'/../../fonts/fonts.conf'],
        );
        $image = imagecreatefromstring($png);
        self::assertNotFalse($image);
        $isInk = static fn (int $x, int $y): bool => (imagecolorat($image, $x, $y) >> 8 & 255) < 128;
        [$left, $right] = [imagesx($image), 0];
        for ($y = 0; $y < imagesy($image); $y += 4) {
            for ($x = 0; $x < $left && ! $isInk($x, $y); $x++);
            $left = min($left, $x);
            for ($x = imagesx($image) - 1; $x > $right && ! $isInk($x, $y); $x--);
            $right = max($right, $x);
        }

        return new Box($left / 4 - 50, 0, ($right - $left + 1) / 4, 200);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private static function told(array $command, ?string $input = null, array $environment = []): string
    {
        $process = new Process($command, null, $environment, $input, 60);
        $process->mustRun();

        return $process->getOutput();
    }
}
