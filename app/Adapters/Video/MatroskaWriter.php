<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Generator;

/** Writes raw pictures with millisecond times as a Matroska stream (RFC 9559), one cluster a picture. */
final class MatroskaWriter
{
    public function __construct(private readonly int $width, private readonly int $height)
    {
    }

    /**
     * @param  iterable<int, string>  $pictures milliseconds => I420
     * @return Generator<int, string> the stream in pieces, each picture as it is: they are large, and copied never
     */
    public function stream(iterable $pictures): Generator
    {
        yield $this->header();
        foreach ($pictures as $at => $i420) {
            yield self::before($at, strlen($i420));
            yield $i420;
        }
    }

    /** What stands before a picture. */
    private static function before(int $at, int $bytes): string
    {
        $time = self::element("\xE7", self::number($at));
        $block = "\xA3".self::size(4 + $bytes)."\x81\x00\x00\x80";

        return "\x1F\x43\xB6\x75".self::size(strlen($time) + strlen($block) + $bytes).$time.$block;
    }

    private function header(): string
    {
        $ebml = self::element("\x1A\x45\xDF\xA3",
            self::element("\x42\x86", "\x01")
                .self::element("\x42\xF7", "\x01")
                .self::element("\x42\xF2", "\x04")
                .self::element("\x42\xF3", "\x08")
            .self::element("\x42\x82", 'matroska').self::element("\x42\x87", "\x04").self::element("\x42\x85", "\x02"));
        $info = self::element(
            "\x15\x49\xA9\x66",
            self::element("\x2A\xD7\xB1", self::number(1_000_000))
                .self::element("\x4D\x80", 'Daybright')
                .self::element("\x57\x41", 'Daybright'),
        );
        // BT.709 throughout, studio range.
        $colour = self::element(
            "\x55\xB0",
            self::element("\x55\xB1", "\x01")
                .self::element("\x55\xB9", "\x01")
                .self::element("\x55\xBA", "\x01")
                .self::element("\x55\xBB", "\x01"),
        );
        $video = self::element(
            "\xE0",
            self::element("\xB0", self::number($this->width))
                .self::element("\xBA", self::number($this->height))
                .self::element("\x2E\xB5\x24", 'I420')
                .$colour,
        );
        $track = self::element(
            "\xAE",
            self::element("\xD7", "\x01")
                .self::element("\x73\xC5", "\x01")
                .self::element("\x83", "\x01")
                .self::element("\x86", 'V_UNCOMPRESSED')
                .self::element("\x23\xE3\x83", self::number(40_000_000))
                .$video,
        );

        return $ebml."\x18\x53\x80\x67\x01\xFF\xFF\xFF\xFF\xFF\xFF\xFF".$info.self::element("\x16\x54\xAE\x6B", $track);
    }

    private static function element(string $id, string $content): string
    {
        return $id.self::size(strlen($content)).$content;
    }

    /** Always eight bytes: simple, and as long as any element needs. */
    private static function size(int $size): string
    {
        return "\x01".substr(pack('J', $size), 1);
    }

    private static function number(int $number): string
    {
        return ltrim(pack('J', $number), "\x00") ?: "\x00";
    }
}
