<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Daybright\Format\UnreadableText;
use Daybright\Format\WebVtt;
use Daybright\Recording\Cue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WebVttTest extends TestCase
{
    public function test_captions_are_written_as_webvtt(): void
    {
        $vtt = WebVtt::write([new Cue(0, 1583.4, "Good morning,\nclass."), new Cue(3_661_001, 3_662_000, 'a < b & c --> d')]);
        self::assertSame(
            "WEBVTT\n\n00:00:00.000 --> 00:00:01.583\nGood morning,\nclass.\n\n01:01:01.001 --> 01:01:02.000\na &lt; b &amp; c --&gt; d\n",
            $vtt,
        );
    }

    /** Forms of the recommendation (W3C WebVTT 1, sections 4 and 6), from memory: header text, notes, styles, names, settings, voices. */
    public function test_captions_are_read_in_every_form_of_the_standard(): void
    {
        $file = "\u{FEFF}WEBVTT - A day at the gate\r\n\r\nNOTE made by hand\r\nand checked\r\n\r\nSTYLE\r\n::cue { color: red }\r\n\r\n"
            ."REGION\r\nid:bill\r\n\r\nsecond\r\n01:02.500 --> 01:04.000 align:start line:0%\r\n<v Ada>Look, <i>there</i> &amp; there&nbsp;&lt;now&gt;</v>\r\n\r\n"
            ."00:00:01.000 --> 00:00:02.250\r\nTwo\r\nlines\r\n\r\n00:05.000 --> 00:04.000\r\nbackwards\r\n\r\n00:06.000 --> 00:07.000\r\n\r\n";
        self::assertEquals(
            [new Cue(1000.0, 2250.0, "Two\nlines"), new Cue(62_500.0, 64_000.0, 'Look, there & there <now>')],
            WebVtt::read($file),
        );
        $cues = [new Cue(0.0, 1583.0, 'a < b & c --> d'), new Cue(3_661_001.0, 3_662_000.0, 'Good morning.')];
        self::assertEquals($cues, WebVtt::read(WebVtt::write($cues)));
    }

    #[DataProvider('unreadable')]
    public function test_what_holds_no_captions_is_refused_with_a_sentence(string $file, string $sentence): void
    {
        $this->expectException(UnreadableText::class);
        $this->expectExceptionMessage($sentence);
        WebVtt::read($file);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 'no WebVTT'];
        yield 'another format' => ["1\n00:00:01,000 --> 00:00:02,000\nHello\n", 'no WebVTT'];
        yield 'a name alike' => ["WEBVTTX\n\n00:01.000 --> 00:02.000\nHello\n", 'no WebVTT'];
        yield 'not text' => ["WEBVTT\n\n\xFF\xFE", 'no WebVTT'];
        yield 'no cue' => ["WEBVTT\n\nNOTE nothing here\n", 'no captions'];
        yield 'far too many' => ["WEBVTT\n\n".str_repeat("00:01.000 --> 00:02.000\nHello\n\n", 501), 'more than 500'];
    }
}
