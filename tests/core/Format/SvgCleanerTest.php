<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Daybright\Format\SvgCleaner;
use DomainException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SvgCleanerTest extends TestCase
{
    /** @return iterable<array{string, string}> what is in the picture, what must be gone */
    public static function hostile(): iterable
    {
        yield ['<script>alert(1)</script>', 'script'];
        yield ['<rect onload="alert(1)" width="5" height="5"/>', 'onload'];
        yield ['<a href="https://elsewhere.example"><rect width="5" height="5"/></a>', 'elsewhere'];
        yield ['<image href="https://elsewhere.example/x.png"/>', 'elsewhere'];
        yield ['<use xlink:href="https://elsewhere.example/x.svg#a"/>', 'elsewhere'];
        yield ['<rect fill="url(https://elsewhere.example/x)" width="5" height="5"/>', 'elsewhere'];
        yield ['<foreignObject><body xmlns="http://www.w3.org/1999/xhtml">hi</body></foreignObject>', 'foreignObject'];
        yield ['<style>@import url(https://elsewhere.example)</style>', 'elsewhere'];
        yield ['<set attributeName="href" to="javascript:alert(1)"/>', 'javascript'];
        yield ['<rect style="background:url(https://elsewhere.example)" width="5" height="5"/>', 'elsewhere'];
    }

    #[DataProvider('hostile')]
    public function test_a_picture_keeps_its_drawing_and_loses_what_loads_or_runs(string $inside, string $gone): void
    {
        $clean = SvgCleaner::clean(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 10 10"><circle cx="5" cy="5" r="3" fill="red"/>'
                .$inside
                .'</svg>',
        );
        self::assertStringNotContainsString($gone, $clean);
        self::assertStringContainsString('<circle', $clean);
        self::assertSame($clean, SvgCleaner::clean($clean), 'cleaning twice changes nothing');
    }

    public function test_entities_are_not_expanded_and_nonsense_is_refused(): void
    {
        $bomb = '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>';
        try {
            self::assertStringNotContainsString('aaaa', SvgCleaner::clean($bomb));
        } catch (DomainException $error) {
            self::assertStringContainsString('not an SVG', $error->getMessage());
        }
        $this->expectException(DomainException::class);
        SvgCleaner::clean('<html></html>');
    }

    public function test_styles_of_drawing_programs_become_plain_attributes(): void
    {
        $clean = SvgCleaner::clean('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><style>/* made */ .st0, .st1 { fill: #ff0000; } .st1{stroke:blue !important} rect > a { fill: green }</style>'
            .'<rect class="st0" width="1" height="1"/><rect class="st1" fill="black" width="2" height="2"/><rect class="st0" style="fill:#00ff00;stroke:url(https://elsewhere.example);behavior:x" width="3" height="3"/></svg>');
        self::assertSame(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="1" height="1" fill="#ff0000"/><rect fill="#ff0000" width="2" height="2" stroke="blue"/><rect width="3" height="3" fill="#00ff00"/></svg>',
            $clean,
        );
    }

    public function test_a_drawing_that_repeats_itself_without_end_is_refused(): void
    {
        $groups = '<g id="g0"><rect width="1" height="1"/></g>';
        for ($level = 1; $level <= 30; $level++) {
            $groups .= sprintf('<g id="g%d"><use xlink:href="#g%d"/><use xlink:href="#g%d"/></g>', $level, $level - 1, $level - 1);
        }
        $once = SvgCleaner::clean(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"><g id="leaf"><rect width="1" height="1"/></g><use xlink:href="#leaf"/><use href="#leaf"/></svg>',
        );
        self::assertSame(2, substr_count($once, '<use'));
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('repeats too many parts');
        SvgCleaner::clean('<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink">'.$groups.'</svg>');
    }

    public function test_a_gradient_keeps_its_name_however_it_is_quoted(): void
    {
        foreach (['url(#g)', "url('#g')", 'url(&quot;#g&quot;)', "url( '#g' )", 'URL(#g)'] as $name) {
            $clean = SvgCleaner::clean(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><linearGradient id="g"><stop offset="0" stop-color="red"/></linearGradient><rect width="9" height="9" fill="'
                    .$name
                    .'"/></svg>',
            );
            self::assertMatchesRegularExpression('/fill="url\(#g\)"/i', $clean, $name);
        }
    }

    public function test_a_load_written_with_escapes_is_taken_out(): void
    {
        foreach ([
            'u\\72l(http://far.example/x.svg#g)',
            '\\75rl(//far.example)',
            'url(\\68ttp://far.example)',
            'ur/**/l(http://far.example)',
            "url('http://far.example/#g')",
            'url( http://far.example)',
        ] as $name) {
            $clean = SvgCleaner::clean(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><rect width="9" height="9" fill="'
                    .$name
                    .'"/><text font-family="A &amp; B">5 &lt; 6</text></svg>',
            );
            self::assertStringNotContainsString('far.example', $clean, $name);
            self::assertStringContainsString('font-family="A &amp; B"', $clean);
        }
    }
}
