<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Daybright\Format\IncomingJson;
use Daybright\Format\IncomingText;
use Daybright\Format\UnreadableText;
use DOMDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IncomingTextTest extends TestCase
{
    public function test_every_code_point_that_passes_can_stand_in_xml_and_in_json(): void
    {
        // XML 1.0, section 2.2, says which characters a document may hold; libxml2 judges.
        for ($code = 0; $code <= 0x10FFFF; $code += $code < 0x3000 || ($code > 0xD000 && $code < 0x10000) ? 1 : 997) {
            if ($code >= 0xD800 && $code <= 0xDFFF) {
                // Surrogates are no characters: UTF-8 cannot write them.
                continue;
            }
            $sign = mb_chr($code, 'UTF-8');
            $clean = IncomingText::clean("a{$sign}b");
            self::assertNotFalse(@(new DOMDocument)->loadXML('<a>'.htmlspecialchars($clean, ENT_XML1).'</a>'), sprintf('U+%04X', $code));
            self::assertSame($clean, json_decode((string) json_encode($clean)));
        }
    }

    public function test_what_other_programs_leave_in_copied_text_becomes_a_space_or_nothing(): void
    {
        self::assertSame('Noon and after', IncomingText::clean("Noon\u{0B}and\u{0C}after"));
        self::assertSame("two\nlines\tand a tab", IncomingText::clean("two\r\nlines\tand\u{07} a tab\u{FEFF}"));
        self::assertSame('naïve 日本 👩🏽‍🏫', IncomingText::clean('naïve 日本 👩🏽‍🏫'));
    }

    /** @return iterable<string, array{string}> */
    public static function noText(): iterable
    {
        yield 'a lone byte' => ["\xFF"];
        yield 'UTF-16' => ["\xFF\xFE"];
        yield 'half of a surrogate pair' => ["\xED\xA0\x80"];
        yield 'an overlong slash' => ["\xC0\xAF"];
    }

    #[DataProvider('noText')]
    public function test_bytes_that_are_no_text_are_refused(string $bytes): void
    {
        $this->expectException(UnreadableText::class);
        $this->expectExceptionMessage('Type them again');
        IncomingText::clean($bytes);
    }

    public function test_objects_and_lists_keep_their_kind(): void
    {
        $json = '{"marks":[],"media":{},"0":{"1":[{}]},"big":9223372036854775807}';
        self::assertSame($json, json_encode(IncomingJson::decode($json)));
        self::assertSame('{"ab":"c d"}', json_encode(IncomingJson::decode('{"a\u0007b":"c\u000bd"}')));
    }

    /** @return iterable<string, array{string}> */
    public static function noJson(): iterable
    {
        yield 'broken' => ['{"a":'];
        yield 'half of a surrogate pair' => ['"\ud800"'];
        yield 'a number without end' => ['[1e999]'];
        yield 'nested without end' => [str_repeat('[', 70).str_repeat(']', 70)];
        yield 'no UTF-8' => ["\"\xFF\""];
    }

    #[DataProvider('noJson')]
    public function test_what_is_no_json_is_refused(string $json): void
    {
        $this->expectException(UnreadableText::class);
        IncomingJson::decode($json);
    }
}
