<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Daybright\Format\WebVtt;
use Daybright\Recording\Cue;
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
}
